import { describe, expect, test } from 'vitest';
import { findDates, spokenIn } from '../dates/index.ts';
import { languageOf } from '../languages/index.ts';
import { findItems } from './index.ts';

const options = { reference: '2026-03-10T10:00', zone: 'Europe/Berlin', dateOrder: 'DMY' } as const;

function itemsOf(text: string, own = false) {
  const sentences = spokenIn(text, 'en');
  return findItems(text, sentences, findDates(sentences, options), own, languageOf('en')).map(
    ({ title, due, owner, notes, priority }) => ({ title, due: due?.date ?? null, owner, notes, priority }),
  );
}
const brief = (text: string, own = false) =>
  itemsOf(text, own).map(({ title, due, owner }) => [title, due, owner]);

describe('several tasks in one message', () => {
  test('a list with owners and dates; lines below an item are its note', () => {
    const text =
      'Actions:\n\n- Tom: book the hall by 19 March\n- Print the posters (Wanda, 23 March)\n  on thick paper\n- Ask the mayor, no rush';
    expect(itemsOf(text)).toEqual([
      { title: 'Book the hall', due: '2026-03-19', owner: 'Tom', notes: '', priority: null },
      {
        title: 'Print the posters',
        due: '2026-03-23',
        owner: 'Wanda',
        notes: 'on thick paper',
        priority: null,
      },
      { title: 'Ask the mayor', due: null, owner: null, notes: '', priority: 'low' },
    ]);
  });

  test('boxes, without those that are ticked', () => {
    expect(
      brief('For the move:\n[ ] pack the library\n[x] order boxes\n[ ] label the crates by Friday'),
    ).toEqual([
      ['Pack the library', null, null],
      ['Label the crates', '2026-03-13', null],
    ]);
  });

  test.each([
    [
      'bars',
      'Task | Owner | Due\nBook the hall | Tom | 19 March\nClose the account | Ann | done\nPrint posters | Wanda | 23 March',
    ],
    [
      'columns',
      'What               Who      By when\nBook the hall      Tom      19.03.2026\nPrint posters      Wanda    23.03.2026',
    ],
    ['tabs', 'Task\tOwner\tDue\nBook the hall\tTom\t19 March\nPrint posters\tWanda\t23 March'],
  ])('a table with %s, without what is done', (_, text) => {
    expect(brief(text)).toEqual([
      ['Book the hall', '2026-03-19', 'Tom'],
      ['Print posters', '2026-03-23', 'Wanda'],
    ]);
  });

  test('minutes that say who does what', () => {
    expect(
      brief(
        '1. Roof\nThe roof leaks. Tom to get an offer by 20 March.\n\n2. Labels\nOrla to send the texts by 25 March.',
      ),
    ).toEqual([
      ['Get an offer', '2026-03-20', 'Tom'],
      ['Send the texts', '2026-03-25', 'Orla'],
    ]);
  });

  test('what is counted off, and requests with dates of their own', () => {
    expect(
      brief('First, please sign the form. Second, book the hall by Friday. Finally, call the band.'),
    ).toEqual([
      ['Sign the form', null, null],
      ['Book the hall', '2026-03-13', null],
      ['Call the band', null, null],
    ]);
    expect(brief('Please send the list by Thursday. Could you also book the hall by 20 March?')).toEqual([
      ['Send the list', '2026-03-12', null],
      ['Book the hall', '2026-03-20', null],
    ]);
  });

  test('a note to oneself is a task a mark', () => {
    expect(brief('- gel\n- ladder', true)).toEqual([
      ['Gel', null, null],
      ['Ladder', null, null],
    ]);
  });

  test.each([
    ['an agenda', 'Agenda:\n1. Welcome\n2. Budget\n3. Any other business'],
    ['prices', 'Our prices:\n- plinth: 120 EUR\n- crate: 80 EUR'],
    ['things to bring', 'Please bring the following:\n- passport\n- two photos'],
    ['what is done', 'Done so far:\n- booked the hall\n- printed the posters'],
    ['one request', 'Please send the list by Thursday. The hall is nice.'],
    ['steps of a manual', 'To log in to the portal:\n1. Open the page\n2. Enter your name'],
  ])('none in %s', (_, text) => {
    expect(brief(text)).toEqual([]);
  });
});
