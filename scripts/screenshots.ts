import { chromium, type Page } from '@playwright/test';
import path from 'node:path';
import config from '../playwright.config.ts';
import { startDemo } from '../e2e/demoServer.ts';

const FOLDER = path.join(import.meta.dirname, '../docs/screenshots');

/** The pictures of the README, from the demo world on a fixed day. */
const VIEWS: Record<string, (page: Page) => Promise<void>> = {
  ledger: async (page) => {
    await page.goto('/ledger');
    await page.getByText('Fwd: Tide gauge no. 4').click();
    await page.locator('mark[title=due]').hover();
  },
  why: async (page) => {
    await page.goto('/ledger');
    await page.getByText('School visit request: Class 5b').click();
    await page.getByRole('button', { name: 'why?' }).click();
  },
  rules: async (page) => {
    await page.goto('/rules');
    await page
      .getByRole('navigation', { name: 'Rules in order' })
      .getByText('Invoices', { exact: true })
      .click();
    await page.getByText('took mail').waitFor();
    await page.getByRole('combobox', { name: 'add a reading for due' }).click();
    await page.getByRole('combobox', { name: 'add a reading for due' }).fill('a date calc');
    await page.keyboard.press('Enter');
    await page.getByRole('spinbutton', { name: /of due, a date calculated/ }).fill('-3');
    await page.getByRole('button', { name: 'try earlier: a date calculated from another' }).click();
    await page.getByRole('button', { name: 'try earlier: a date calculated from another' }).click();
    await page.getByText('another due date').first().waitFor();
    await page.mouse.move(640, 40);
  },
  tables: async (page) => {
    await page.goto('/tables');
    await page.getByText('Rooms').click();
    await page.getByRole('textbox', { name: 'words 7' }).fill('lecture room');
  },
  task: async (page) => {
    const filter = { kind: 'words', field: 'title', words: ['sextants'] };
    await page.goto(`/tasks?as=${encodeURIComponent(JSON.stringify({ filter }))}`);
    await page.getByRole('link', { name: 'Two sextants more for the tide exhibition' }).click();
    await page.getByText('one crate is enough').waitFor();
  },
  settings: async (page) => {
    await page.goto('/settings/projects');
    await page.getByRole('button', { name: /^Visits/ }).click();
  },
  tasks: async (page) => {
    await page.goto('/tasks');
    await page.getByRole('button', { name: /^Loans, next two weeks/ }).click();
    await page.getByRole('grid').locator('a[href^="/tasks/"]').nth(2).focus();
    await page.keyboard.press('Space');
    await page.keyboard.press('Shift+ArrowDown');
    await page.getByText('With these 2').waitFor();
  },
  proposals: async (page) => {
    await page.goto('/proposals');
    await page.getByRole('list', { name: 'Proposals' }).waitFor();
  },
  search: async (page) => {
    await page.goto('/search?words=sextant');
    await page.getByRole('list', { name: 'Found' }).waitFor();
  },
  people: async (page) => {
    await page.goto('/people/Desmond%20Achterberg');
    await page.getByRole('region', { name: 'Mail' }).getByRole('listitem').first().waitFor();
  },
  gaps: async (page) => {
    await page.goto('/gaps');
    const line = page.getByRole('row').filter({ hasText: 'Change of van' });
    await line.getByRole('button', { name: 'Change due' }).click();
    await page.getByRole('list', { name: 'in the mail' }).getByRole('button').hover();
  },
  intake: async (page) => {
    await page.goto('/intake');
    await page.getByRole('link', { name: /^Building/ }).click();
  },
  mailbox: async (page) => {
    await page.goto('/intake/mailbox/new');
  },
  door: async (page) => {
    await page.goto('/ledger');
    await page.getByText('Your galleries deserve').click();
    await page.getByText('It would become').waitFor();
  },
  practice: async (page) => {
    await page.goto('/practice');
    await page.getByText('Certificate for the figurehead').click();
    await page.getByRole('combobox', { name: 'labels' }).click();
    await page.locator('.ant-select-item').filter({ hasText: 'todo' }).click();
    await page.keyboard.press('Escape');
    await page.getByText('by the label todo').waitFor();
    await page.mouse.move(640, 40);
  },
};

const demo = await startDemo();
const browser = await chromium.launch(config.use?.launchOptions);
for (const [name, show] of Object.entries(VIEWS)) {
  const page = await browser.newPage({ baseURL: demo.url, viewport: { width: 1280, height: 800 } });
  await show(page);
  await page.waitForTimeout(500);
  await page.screenshot({ path: path.join(FOLDER, `${name}.png`) });
  await page.close();
}
await browser.close();
await demo.stop();
