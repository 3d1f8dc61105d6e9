import { StartFailure } from './errors.ts';

/**
 * ISO days of the public holidays of a country (ISO 3166-1, with a region as in `DE-BY`) from last year to three years on.
 * Its tables are large, so they are loaded for those who ask for them. Throws StartFailure where none are known.
 */
export async function publicHolidays(place: string, now: Date): Promise<string[]> {
  const { default: Holidays } = await import('date-holidays');
  const known = new Holidays();
  const [country = '', ...rest] = place.split('-');
  const region = rest.join('-');
  if (!(country in known.getCountries()) || (region !== '' && !(region in known.getStates(country))))
    throw new StartFailure(
      'The setting HATBAND_HOLIDAYS cannot be used: is no country or region, as in GB or DE-BY.',
    );
  const calendar = region === '' ? new Holidays(country) : new Holidays(country, region);
  const year = now.getUTCFullYear();
  return [year - 1, year, year + 1, year + 2, year + 3].flatMap((each) =>
    calendar
      .getHolidays(each)
      .filter(({ type }) => type === 'public')
      .map(({ date }) => date.slice(0, 10)),
  );
}
