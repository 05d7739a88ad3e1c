// What packing costs a request, and how soon somebody far from the router sees the first screens.
import { Agent, request } from 'node:http';
import { performance } from 'node:perf_hooks';
import { demo } from './six-stages.mjs';
import { ms, share } from './spread.mjs';

const line = new Agent({ keepAlive: true, maxSockets: 1 });
const heard = (url, headers) =>
  new Promise((resolve, reject) => {
    const from = performance.now();
    const sent = request(url, { agent: line, headers }, (answer) => {
      answer.resume();
      answer.on('end', () => resolve(performance.now() - from));
    });
    sent.on('error', reject);
    sent.end();
  });

/** The first 25 of a list, packed and as they are, by turns. */
export async function packing(base, post, row) {
  for (let k = 0; k < 25; k++) await post(base, { ...demo(), name: `Build ${k}` });
  const url = `${base}/api/builds?find=&sort=newest&units=metric&many=25`;
  const [packed, plain] = [[], []];
  for (let turn = 0; turn < 400; turn++) {
    const [first, second] = turn % 2 === 0 ? ['gzip', 'identity'] : ['identity', 'gzip'];
    for (const each of [first, second]) (each === 'gzip' ? packed : plain).push(await heard(url, { 'accept-encoding': each }));
  }
  const [over, under] = [share(packed.slice(40), 0.5), share(plain.slice(40), 0.5)];
  row('the first 25 of a list, packed over as they are', `${ms(over)} / ${ms(under)} = ${(over / under).toFixed(2)}`, 'wanted: 1.1');
}

/** As a weak network has it: bytes in a second, and ms there and back. */
const weak = { offline: false, downloadThroughput: 600_000, uploadThroughput: 600_000, latency: 20 };

/** Somebody who was never here, on a CPU slowed four times: until the rows of the list are there, and until a build is seen with its verdict. */
export async function firstScreens(base, browser, id, row) {
  const until = async (path, seen) => {
    const took = [];
    for (let k = 0; k < 5; k++) {
      const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
      const page = await context.newPage();
      const session = await context.newCDPSession(page);
      await session.send('Network.enable');
      await session.send('Network.emulateNetworkConditions', weak);
      await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
      const from = performance.now();
      await page.goto(`${base}${path}`, { waitUntil: 'commit' });
      await seen(page).first().waitFor();
      took.push(performance.now() - from);
      await context.close();
    }
    return ms(share(took, 0.5));
  };
  const list = await until('/', (page) => page.locator('a[id^="row-"]'));
  row('the list at 600 kB/s, CPU slowed 4 times, until its rows are there', list, 'wanted: 2 s');
  const glance = await until(`/builds/${id}`, (page) => page.getByRole('img', { name: /, drawn to scale$/ }));
  row('a build likewise, until it is seen as the server has it', glance, '');
  const build = await until(`/builds/${id}`, (page) => page.getByLabel(/^Power path/));
  row('the same, until it is worked out on that device', build, '');
}
