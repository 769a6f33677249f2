// Mixed use of a running Velbrin for a while: soak.mjs URL FOLDER MINUTES. Every minute the time in which 95 of 100 pages
// came, and the memory of PHP and the database. It may not creep.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';

const [base, folder, minutes] = [process.argv[2], process.argv[3], Number(process.argv[4])];
const PASSWORD = 'tide-and-lantern';
const PAGES = {
    'marit@merrowick.example': ['/', '/risk', '/systems', '/systems/7', '/systems/7/risk', '/settings/audit', '/reports'],
    'teodor@merrowick.example': ['/', '/places', '/plans', '/plans/1', '/rounds', '/rounds/due', '/water', '/systems/3/tasks'],
    'ines@merrowick.example': ['/', '/systems/1/readings', '/systems/1/register', '/rounds/due', '/go?q=reef'],
    'amrei@tolland.example': ['/', '/systems', '/reports'],
};
/** Between two pages of one person, ms: ten times as busy as they are. */
const THINKS_MS = 400;
const PERSONS = 6;

async function signIn(email) {
    const jar = new Map();
    const ask = async (path, body) => {
        const answer = await fetch(base + path, {
            method: body ? 'POST' : 'GET',
            redirect: 'manual',
            headers: {
                Accept: body ? 'application/json' : 'text/html',
                Cookie: [...jar].map(([k, v]) => `${k}=${v}`).join('; '),
                'X-XSRF-TOKEN': decodeURIComponent(jar.get('XSRF-TOKEN') ?? ''),
                ...(body ? { 'Content-Type': 'application/json' } : {}),
            },
            body: body ? JSON.stringify(body) : undefined,
        });
        for (const cookie of answer.headers.getSetCookie()) {
            const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie);
            jar.set(name, value);
        }
        await answer.arrayBuffer();
        return answer.status;
    };
    await ask('/sign-in');
    await ask('/sign-in', { email, password: PASSWORD });
    return ask;
}

const rssMb = (words) => {
    const sizes = execFileSync('ps', ['-eo', 'rss,pid,ppid,args'], { encoding: 'utf8' })
        .split('\n')
        .filter((line) => line.includes(words))
        .map((line) => line.trim().split(/\s+/))
        .filter(([, pid, parent]) => isOurs(pid) || isOurs(parent))
        .map(([rss]) => Number(rss) / 1024);
    return Math.round(sizes.reduce((a, b) => a + b, 0));
};
function isOurs(pid) {
    try {
        return readFileSync(`/proc/${pid}/cmdline`, 'latin1').includes(folder);
    } catch {
        return false;
    }
}

let times = [];
let wrong = 0;
let over = false;
const emails = Object.keys(PAGES);
const persons = Array.from({ length: PERSONS }, async (_, n) => {
    const email = emails[n % emails.length];
    const ask = await signIn(email);
    for (let i = n; !over; i++) {
        const at = performance.now();
        const status = await ask(PAGES[email][i % PAGES[email].length]).catch(() => 0);
        times.push(performance.now() - at);
        if (status !== 200) wrong++;
        await pause(THINKS_MS * (0.5 + Math.random()));
    }
});
const lines = [];
for (let minute = 1; minute <= minutes; minute++) {
    await pause(60_000);
    const sorted = times.sort((a, b) => a - b);
    times = [];
    const line = {
        minute,
        pages: sorted.length,
        p95Ms: Math.round(sorted[Math.floor(sorted.length * 0.95)] ?? 0),
        phpMb: rssMb('php-fpm: pool'),
        databaseMb: rssMb('mariadbd'),
        workerMb: rssMb('artisan queue:work'),
    };
    lines.push(line);
    console.error(Object.entries(line).map(([k, v]) => `${k} ${v}`).join(', '));
}
over = true;
await Promise.all(persons);
const third = Math.max(1, Math.floor(lines.length / 3));
const median = (part, of) => part.map((l) => l[of]).sort((a, b) => a - b)[part.length >> 1];
const [first, last] = [lines.slice(0, third), lines.slice(-third)];
const said = {
    minutes,
    pages: lines.reduce((sum, l) => sum + l.pages, 0),
    wrong,
    p95Ms: [median(first, 'p95Ms'), median(last, 'p95Ms')],
    phpMb: [median(first, 'phpMb'), median(last, 'phpMb')],
    databaseMb: [median(first, 'databaseMb'), median(last, 'databaseMb')],
};
console.log(JSON.stringify(said));
const creeps = said.p95Ms[1] > said.p95Ms[0] * 1.5 + 50 || said.phpMb[1] > said.phpMb[0] * 1.25 + 20;
if (wrong > 0 || creeps) {
    console.error(wrong > 0 ? `${wrong} pages did not come.` : 'It creeps: see above.');
    process.exit(1);
}
