import { expect, test, type Page } from '@playwright/test';
import { answer, demoCopy } from './demo';

/** Files that once held up the page for ever, or for half a minute: each ends with a sentence, and the page goes on. */
const box = (page: Page, name: string) => page.getByRole('region', { name });
const file = (name: string, content: string | Buffer) => ({
  name,
  mimeType: 'application/octet-stream',
  buffer: Buffer.from(content),
});

async function filesOf(page: Page, id: string): Promise<void> {
  await page.goto(`/jobs/${id}/measure`);
  await expect(answer(page)).toContainText('Both parts');
  await page.getByRole('tab', { name: 'Files' }).click();
}

/** Spheres as binary STL: so many triangles. */
function ball(rings: number): Buffer {
  const at = (i: number, k: number) => {
    const [polar, turn] = [(Math.PI * i) / rings, (2 * Math.PI * k) / rings];
    return [Math.sin(polar) * Math.cos(turn), Math.sin(polar) * Math.sin(turn), Math.cos(polar)];
  };
  const triangles: number[][][] = [];
  for (let i = 0; i < rings; i += 1)
    for (let k = 0; k < rings; k += 1) {
      if (i > 0) triangles.push([at(i, k), at(i + 1, k), at(i, k + 1)]);
      if (i < rings - 1) triangles.push([at(i, k + 1), at(i + 1, k), at(i + 1, k + 1)]);
    }
  const bytes = Buffer.alloc(84 + 50 * triangles.length);
  bytes.writeUInt32LE(triangles.length, 80);
  triangles.forEach((triangle, t) =>
    triangle.flat().forEach((x, i) => bytes.writeFloatLE(900 * x, 84 + 50 * t + 12 + 4 * i)),
  );
  return bytes;
}

test('a DXF cut off inside a polyline is told, and one of 20,000 lines becomes walls while the page answers', async ({
  page,
  request,
}) => {
  await filesOf(page, await demoCopy(request, 'Drawings'));
  const walls = box(page, 'Walls from a drawing');
  const input = page.getByLabel('Walls from a drawing, file');
  await input.setInputFiles(
    file('cut.dxf', '0\nSECTION\n2\nENTITIES\n0\nPOLYLINE\n8\n0\n66\n1\n0\nVERTEX\n8\n0\n10\n1\n20'),
  );
  await expect(walls.getByRole('alert')).toHaveText(
    'This drawing is cut off: its end is missing, and there is no whole line before that.',
  );

  const side = 5000;
  const corner = (i: number) =>
    [
      [i, 0],
      [side, i - side],
      [3 * side - i, side],
      [0, 4 * side - i],
    ][Math.floor(i / side) % 4]!;
  const lines = Array.from({ length: 4 * side }, (_, k) => {
    const i = (k * 7919) % (4 * side);
    const [[x1, y1], [x2, y2]] = [corner(i), corner((i + 1) % (4 * side))] as [number[], number[]];
    return `0\nLINE\n8\n0\n10\n${x1}\n20\n${y1}\n11\n${x2}\n21\n${y2}\n`;
  });
  await page.evaluate(() => {
    let last = performance.now();
    const scope = globalThis as unknown as { longest: number };
    scope.longest = 0;
    setInterval(() => {
      const now = performance.now();
      scope.longest = Math.max(scope.longest, now - last);
      last = now;
    }, 20);
  });
  await input.setInputFiles(
    file('many.dxf', `0\nSECTION\n2\nENTITIES\n${lines.join('')}0\nENDSEC\n0\nEOF\n`),
  );
  await walls.getByLabel('Unit of the drawing').selectOption('1 mm: 5000 × 5000 mm');
  await expect(walls).toContainText('4 corners');
  // The page went on answering: it stood still for half a minute once.
  expect(await page.evaluate(() => (globalThis as unknown as { longest: number }).longest)).toBeLessThan(
    3000,
  );
});

test('a fine mesh is refused by its corners at once, and what takes too long can be stopped, or ends by itself', async ({
  page,
  request,
}) => {
  const id = await demoCopy(request, 'Meshes');
  await filesOf(page, id);
  const obstacle = box(page, 'An obstacle');
  const input = page.getByLabel('An obstacle, file');
  await input.setInputFiles(file('ball.stl', ball(50)));
  await expect(obstacle.getByRole('alert')).toContainText(
    /A part of this file has \d+ corners on its outside; at most 400/,
  );

  // A worker that never answers, as for a file that is too much for it.
  await page.route('**/import.worker-*.js', (route) =>
    route.fulfill({ contentType: 'text/javascript', body: 'self.onmessage = () => { for (;;); };' }),
  );
  await page.clock.install();
  await filesOf(page, id);
  await input.setInputFiles(file('ball.stl', ball(8)));
  await expect(obstacle.getByRole('status')).toContainText('Reading ball.stl');
  await obstacle.getByRole('button', { name: 'Stop' }).click();
  await expect(obstacle.getByRole('alert')).toHaveText('Reading it was stopped.');
  await input.setInputFiles(file('ball.stl', ball(8)));
  await expect(obstacle.getByRole('status')).toBeVisible();
  await page.clock.runFor(31_000);
  await expect(obstacle.getByRole('alert')).toContainText('This file is not read after 30 seconds');
  await expect(obstacle.getByRole('status')).toHaveCount(0);
});
