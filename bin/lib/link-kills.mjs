// Devices that report without a pause while the parts they report to are ended one after the other.
// link-kills.mjs URL FOLDER: FOLDER/devices.json names them; what was acknowledged goes to FOLDER/acknowledged.json.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';

const [, , base, folder] = process.argv;
const devices = JSON.parse(readFileSync(`${folder}/devices.json`, 'utf8'));
const ROWS = 20;
/** Measured time between two rows. */
const ROW_MS = 1000;
const LONGEST_MS = 30_000;
const PARTS = {
    database: 'mariadbd --no-defaults',
    page: 'php-fpm: pool',
    ticker: 'velbrin:tick',
    php: 'php-fpm: master',
    nginx: 'nginx: master',
};

/** The processes of this very folder that run those words: the command line, the environment or the parent names it. */
function pidsOf(words) {
    const lines = execFileSync('ps', ['-eo', 'pid,ppid,args'], { encoding: 'utf8' })
        .split('\n')
        .map((line) => /^\s*(\d+)\s+(\d+)\s+(.*)$/.exec(line))
        .filter((found) => found && !found[3].includes('velbrin-keeper'));
    const named = new Set(lines.filter(([, , , args]) => args.includes(folder)).map(([, pid]) => pid));
    const isOurs = (pid) => {
        try {
            return readFileSync(`/proc/${pid}/environ`, 'latin1').includes(`LARAVEL_STORAGE_PATH=${folder}`);
        } catch {
            return false;
        }
    };
    return lines
        .filter(([, pid, parent, args]) => args.includes(words) && (named.has(pid) || named.has(parent) || isOurs(pid)))
        .map(([, pid]) => Number(pid));
}

let over = false;
let again = 0;
let lastYes = Date.now();
const acknowledged = Object.fromEntries(devices.map((d) => [d.name, 0]));

async function report(device, place) {
    for (let first = 0; !over; first += ROWS) {
        // One after the other they grow cold, so that there is always a call on its way.
        const cold = first / ROWS >= 2 * (place + 1);
        const rows = Array.from({ length: ROWS }, (_, n) => ({
            seq: first + n,
            boot: 0,
            upMs: (first + n) * ROW_MS,
            kind: 'reading',
            id: device.sensors[n % 2],
            value: cold ? 23 : 25.4,
        }));
        const body = JSON.stringify({ schema: 1, run: 'kills', boot: 0, sentUpMs: (first + ROWS) * ROW_MS, rows });
        // As a device does: the same batch again and again until the office says that it has it.
        for (;;) {
            const answer = await fetch(`${base}/api/v1/link/batches`, {
                method: 'POST',
                headers: { Authorization: `Bearer ${device.token}`, 'Content-Type': 'application/json' },
                body,
                signal: AbortSignal.timeout(10_000),
            }).catch(() => null);
            const said = answer?.status === 200 ? await answer.json().catch(() => null) : null;
            if (answer && answer.status >= 400 && answer.status < 500 && answer.status !== 429) {
                console.error(`A batch was refused: ${answer.status}`);
                process.exit(1);
            }
            if (said && said.stored + said.repeated === ROWS) break;
            again++;
            if (over) return;
            await pause(100);
        }
        acknowledged[device.name] = first + ROWS;
        lastYes = Date.now();
        await pause(20);
    }
}
const reports = devices.map(report);

let killed = 0;
for (const [part, words] of [...Object.entries(PARTS), ['database', PARTS.database], ['ticker', PARTS.ticker]]) {
    await pause(700);
    let pids;
    for (const from = Date.now(); (pids = pidsOf(words)).length === 0; await pause(50)) {
        if (Date.now() - from > LONGEST_MS) {
            console.error(`There is no ${part} to end.`);
            process.exit(1);
        }
    }
    const at = Date.now();
    process.kill(pids[0], 'SIGKILL');
    killed++;
    // Something that was sent after the kill is taken, or it is over with us.
    while (lastYes <= at + 200) {
        if (Date.now() - at > LONGEST_MS) {
            console.error(`After the end of ${part} nothing was taken for ${LONGEST_MS / 1000} s.`);
            process.exit(1);
        }
        await pause(20);
    }
}
await pause(1500);
over = true;
await Promise.all(reports);
writeFileSync(`${folder}/acknowledged.json`, JSON.stringify({ killed, again, acknowledged }));
