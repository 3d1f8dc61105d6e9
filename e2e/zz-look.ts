import { chromium } from '@playwright/test';
import config from '../playwright.config.ts';
import { startDemo } from './demoServer.ts';
const demo = await startDemo();
const browser = await chromium.launch(config.use?.launchOptions);
const shot = async (name: string, width: number, height: number, go: (page: import('@playwright/test').Page) => Promise<void>) => {
  const page = await browser.newPage({ baseURL: demo.url, viewport: { width, height } });
  try { await go(page); } catch (e) { console.log(name, String(e).slice(0, 300)); }
  await page.waitForTimeout(400);
  await page.screenshot({ path: `/tmp/shots/${name}.png` });
  await page.close();
};
const list: [string, number, number, (page: import('@playwright/test').Page) => Promise<void>][] = [
  ['rules', 1280, 800, async (p) => { await p.goto('/rules'); await p.getByText('took mail').first().waitFor();
     const h = p.getByRole('button', { name: /^move: / }).nth(3); await h.focus(); await p.keyboard.press('Space'); await p.waitForTimeout(300); await p.keyboard.press('ArrowUp'); await p.waitForTimeout(300); await p.keyboard.press('ArrowUp'); await p.waitForTimeout(300); await p.keyboard.press('Space'); await p.getByRole('alertdialog', { name: 'Another order' }).waitFor({ timeout: 5000 }); await p.getByText('On the').waitFor(); await p.waitForTimeout(300); }],
  ['intake390', 390, 844, async (p) => { await p.goto('/intake'); await p.getByText('On the').waitFor(); await p.waitForTimeout(300); }],
  ['practice390', 390, 844, async (p) => { await p.goto('/practice'); await p.getByText('On the').waitFor(); await p.waitForTimeout(300); }],
  ['tables390', 390, 844, async (p) => { await p.goto('/tables'); await p.getByText('On the').waitFor(); await p.waitForTimeout(300); }],
  ['settings390', 390, 844, async (p) => { await p.goto('/settings'); await p.getByText('On the').waitFor(); await p.waitForTimeout(300); }],
  ['tasks390', 390, 844, async (p) => { await p.goto('/tasks'); await p.getByText('On the').waitFor(); await p.waitForTimeout(300); }],
];
for (const [name, w, h, go] of list) if (process.argv.length < 3 || process.argv.includes(name)) await shot(name, w, h, go);
await browser.close();
await demo.stop();
