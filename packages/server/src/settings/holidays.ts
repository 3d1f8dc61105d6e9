import type Holidays from 'date-holidays';
import { z } from 'zod';

/** Its tables are large, so they are loaded for those who ask for them. */
const load = async (): Promise<typeof Holidays> => (await import('date-holidays')).default;

/** Some countries have none. */
const States = z.record(z.string(), z.string()).catch({});
const statesOf = (known: Holidays, country: string) => States.parse(known.getStates(country, 'en'));

/** Holidays are known from last year to so many years on. */
const YEARS_ON = 3;

/** Countries (ISO 3166-1) and regions with known public holidays, `GB`, `DE-BY`. */
export async function holidayPlaces(): Promise<{ code: string; name: string }[]> {
  const known = new (await load())();
  return Object.entries(known.getCountries('en')).flatMap(([code, name]) => [
    { code, name },
    ...Object.entries(statesOf(known, code)).map(([region, of]) => ({
      code: `${code}-${region}`,
      name: `${name}, ${of}`,
    })),
  ]);
}

/** Whether public holidays are known of a place. */
export async function isHolidayPlace(place: string): Promise<boolean> {
  const known = new (await load())();
  const [country = '', ...rest] = place.split('-');
  const region = rest.join('-');
  return country in known.getCountries() && (region === '' || region in statesOf(known, country));
}

/** Days whose public holidays are known on a date: ISO days. */
export const knownRange = (now: Date) => ({
  from: `${String(now.getUTCFullYear() - 1)}-01-01`,
  to: `${String(now.getUTCFullYear() + YEARS_ON)}-12-31`,
});

/** ISO days of the public holidays of a place from last year to three years on. */
export async function publicHolidays(place: string, now: Date): Promise<string[]> {
  const [country = '', ...rest] = place.split('-');
  const region = rest.join('-');
  const Calendar = await load();
  const calendar = region === '' ? new Calendar(country) : new Calendar(country, region);
  const first = now.getUTCFullYear() - 1;
  return Array.from({ length: YEARS_ON + 2 }, (_, i) => first + i).flatMap((year) =>
    calendar
      .getHolidays(year)
      .filter(({ type }) => type === 'public')
      .map(({ date }) => date.slice(0, 10)),
  );
}
