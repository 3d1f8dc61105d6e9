import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './demoServer.ts';

test('a seventh tab loads as the first does: all share one stream of events', async ({
  context,
  lookedAt,
}) => {
  for (let i = 0; i < 7; i += 1) {
    const page = await context.newPage();
    await page.goto(`${lookedAt.url}/ledger`);
    await expect(page.getByRole('navigation', { name: 'Arrivals' })).toBeVisible();
    await expect(page.getByText('receiving mail')).toBeVisible();
  }
});

const SCREENS = [
  'ledger', 'ledger/1', 'gaps', 'tasks', 'tasks/1', 'proposals', 'people', 'people/Orla%20Penhale', 'search?words=sextant',
  'rules', 'tables', 'intake', 'practice', 'settings',
]; // prettier-ignore

test('every screen can be read by those who do not see it', async ({ page, lookedAt }) => {
  const found: string[] = [];
  for (const screen of SCREENS) {
    await page.goto(`${lookedAt.url}/${screen}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.waitForTimeout(800);
    const { violations } = await new AxeBuilder({ page }).setLegacyMode(true).analyze();
    const grave = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
    for (const { id, nodes } of grave)
      found.push(`${screen}, ${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`);
  }
  expect(found).toEqual([]);
});

test('nothing is out of reach on a small laptop, at 150 % and on a telephone', async ({ page, lookedAt }) => {
  for (const [width, height] of [
    [1024, 768],
    [853, 533],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.goto(`${lookedAt.url}/rules`);
    await page.getByRole('button', { name: 'New rule', exact: true }).scrollIntoViewIfNeeded();
    const box = await page.getByRole('button', { name: 'New rule', exact: true }).boundingBox();
    expect((box?.x ?? 0) + (box?.width ?? 0)).toBeLessThanOrEqual(width);
    const proof = page.getByRole('complementary', { name: 'Proof' }).getByRole('status').last();
    await proof.scrollIntoViewIfNeeded();
    await expect(proof).toBeInViewport();
  }
});

test('no screen is wider than its window', async ({ page, lookedAt }) => {
  const found: string[] = [];
  for (const [width, height] of [
    [1024, 768],
    [853, 533],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const screen of SCREENS) {
      await page.goto(`${lookedAt.url}/${screen}`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      if (wide > 0) found.push(`${screen} at ${String(width)}: ${String(wide)} px`);
    }
  }
  expect(found).toEqual([]);
});
