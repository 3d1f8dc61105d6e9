import Holidays from 'date-holidays';

/** ISO days of the public holidays of a country (ISO 3166-1, with a region as in `DE-BY`) from last year to three years on. */
export function publicHolidays(place: string, now: Date): string[] {
  const [country = '', ...region] = place.split('-');
  const calendar = region.length > 0 ? new Holidays(country, region.join('-')) : new Holidays(country);
  const year = now.getUTCFullYear();
  return [year - 1, year, year + 1, year + 2, year + 3].flatMap((each) =>
    calendar
      .getHolidays(each)
      .filter(({ type }) => type === 'public')
      .map(({ date }) => date.slice(0, 10)),
  );
}

/** Whether there are holidays known of that country and region. */
export function isHolidayPlace(place: string): boolean {
  const [country = '', ...region] = place.split('-');
  const countries = new Holidays().getCountries();
  if (!(country in countries)) return false;
  return region.length === 0 || region.join('-') in new Holidays().getStates(country);
}
