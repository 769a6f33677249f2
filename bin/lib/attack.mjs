// Attacks a running Velbrin: parts are ended in mid-write and the database is held still, while notes are written as a
// phone writes them. attack.mjs URL FOLDER KILLS SEED [SECONDS]: with seconds it only writes for so long. Prints its figures as JSON; what was acknowledged stands in
// FOLDER/acknowledged.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';

const [base, folder, kills, seed, seconds] = [
    process.argv[2],
    process.argv[3],
    Number(process.argv[4]),
    Number(process.argv[5]),
    Number(process.argv[6] ?? 0),
];
const PASSWORD = 'tide-and-lantern';
const PARTS = { database: 'mariadbd --no-defaults', php: 'php-fpm: master', page: 'php-fpm: pool', nginx: 'nginx: master', worker: 'artisan queue:work', clock: 'velbrin-clock' };

// A row of chance that can be had again (a linear congruence is enough to choose a part and a pause).
let state = seed >>> 0 || 1;
const chance = () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;

class Visitor {
    jar = new Map();

    async fetch(path, { method = 'GET', body, timeoutMs = 15_000 } = {}) {
        const answer = await fetch(base + path, {
            method,
            redirect: 'manual',
            signal: AbortSignal.timeout(timeoutMs),
            headers: {
                Accept: method === 'GET' ? 'text/html' : 'application/json',
                Cookie: [...this.jar].map(([k, v]) => `${k}=${v}`).join('; '),
                'X-XSRF-TOKEN': decodeURIComponent(this.jar.get('XSRF-TOKEN') ?? ''),
                Referer: base + '/',
                ...(body ? { 'Content-Type': 'application/json' } : {}),
            },
            body: body ? JSON.stringify(body) : undefined,
        });
        for (const cookie of answer.headers.getSetCookie()) {
            const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie);
            this.jar.set(name, value);
        }
        return answer;
    }

    async signIn(email) {
        await this.fetch('/sign-in');
        const answer = await this.fetch('/sign-in', { method: 'POST', body: { email, password: PASSWORD } });
        if (answer.status >= 400) throw new Error(`${email} is not let in: ${answer.status}`);
    }
}

const tech = new Visitor();
await tech.signIn('ines@merrowick.example');
const started = await tech.fetch('/systems/1/call-out', { method: 'POST', body: { text: 'An attack' } });
const visit = new URL(started.headers.get('location'), base).pathname;

/** The processes of this very folder that run those words: the command line names it, the environment does, or the parent's does. */
function pidsOf(words) {
    const lines = execFileSync('ps', ['-eo', 'pid,ppid,args'], { encoding: 'utf8' })
        .split('\n')
        .map((line) => /^\s*(\d+)\s+(\d+)\s+(.*)$/.exec(line))
        .filter((found) => found && !found[3].includes('velbrin-keeper'));
    const named = new Set(lines.filter(([, , , args]) => args.includes(folder)).map(([, pid]) => pid));
    return lines
        .filter(([, pid, parent, args]) => args.includes(words) && (named.has(pid) || named.has(parent) || isOurs(pid)))
        .map(([, pid]) => Number(pid));
}
function isOurs(pid) {
    try {
        return readFileSync(`/proc/${pid}/environ`, 'latin1').includes(`LARAVEL_STORAGE_PATH=${folder}`);
    } catch {
        return false;
    }
}

const acknowledged = [];
let over = false;
let refused = 0;
let lastYes = Date.now();
async function write(n) {
    for (let i = 0; !over; i++) {
        const entry = {
            uuid: randomUUID(),
            kind: 'note',
            at: new Date().toISOString(),
            payload: { systemId: 1, text: `attack ${n}-${i}`, standing: false },
        };
        // As a phone does: the same entry again and again until the office says that it has it.
        while (true) {
            try {
                const answer = await tech.fetch(`${visit}/entries`, {
                    method: 'POST',
                    body: { entries: [entry], sent_at: new Date().toISOString() },
                });
                if (answer.status === 200) {
                    const said = (await answer.json()).answers.find((a) => a.uuid === entry.uuid);
                    if (said?.outcome === 'ok') break;
                    throw new Error(`said ${JSON.stringify(said)}`);
                }
                if (answer.status < 500 && answer.status !== 429) throw new Error(`${answer.status} ${await answer.text()}`);
                refused++;
            } catch (error) {
                if (/said|^4\d\d/.test(error.message)) {
                    console.error(`A note was refused: ${error.message}`);
                    process.exit(1);
                }
                refused++;
            }
            if (over) return;
            await pause(150);
        }
        acknowledged.push(entry.payload.text);
        lastYes = Date.now();
    }
}
const writers = [write(1), write(2), write(3)];

if (seconds) {
    await pause(seconds * 1000);
    over = true;
    await Promise.all(writers);
    console.log(JSON.stringify({ acknowledged: acknowledged.length, triedAgain: refused }));
    process.exit(0);
}

const recoveries = [];
for (let n = 0; n < kills; n++) {
    await pause(200 + chance() * 900);
    const part = Object.keys(PARTS)[Math.floor(chance() * Object.keys(PARTS).length)];
    const pids = pidsOf(PARTS[part]);
    if (pids.length === 0) {
        n--;
        continue;
    }
    const at = Date.now();
    process.kill(pids[Math.floor(chance() * pids.length)], 'SIGKILL');
    const from = acknowledged.length;
    while (acknowledged.length === from) {
        if (Date.now() - at > 60_000) {
            console.error(`After the end of ${part} nothing was taken for 60 s.`);
            process.exit(1);
        }
        await pause(20);
    }
    recoveries.push({ part, ms: lastYes - at });
}

// A database that hangs: the page says so within five seconds, and it goes on when the database does.
let database;
while ((database = pidsOf(PARTS.database)[0]) === undefined) await pause(100);
while ((await new Visitor().fetch('/sign-in').catch(() => ({ status: 0 }))).status !== 200) await pause(100);
process.kill(database, 'SIGSTOP');
const hung = [];
const other = new Visitor();
for (const path of ['/sign-in', '/', '/systems/1']) {
    const at = Date.now();
    const answer = await other.fetch(path).catch((error) => ({ status: error.name }));
    hung.push({ path, status: answer.status, ms: Date.now() - at });
}
process.kill(database, 'SIGCONT');
for (let n = 0; n < 100 && (await other.fetch('/sign-in').catch(() => ({ status: 0 }))).status !== 200; n++) await pause(100);
over = true;
await Promise.all(writers);

writeFileSync(`${folder}/acknowledged`, acknowledged.join('\n') + '\n');
console.log(
    JSON.stringify({
        kills: recoveries.length,
        byPart: Object.fromEntries(Object.keys(PARTS).map((p) => [p, recoveries.filter((r) => r.part === p).length])),
        acknowledged: acknowledged.length,
        triedAgain: refused,
        worstMs: Object.fromEntries(
                Object.keys(PARTS).map((p) => [p, Math.max(0, ...recoveries.filter((r) => r.part === p).map((r) => r.ms))]),
            ),
        hung,
    }),
);
const slow = hung.filter((h) => h.status !== 503 || h.ms > 5_000);
if (slow.length) {
    console.error(`A page of a database that hangs: ${JSON.stringify(slow)}`);
    process.exit(1);
}
