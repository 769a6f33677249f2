// Sends batches of 20 rows on a fixed beat, whatever the answers do (open loop), over four connections.
import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:http';

const [, , base, file, seconds] = process.argv;
const devices = JSON.parse(readFileSync(file, 'utf8')).map((d) => ({ ...d, seq: 0 }));
const ROWS = 20;
const BATCHES_S = 50;
const agent = new Agent({ keepAlive: true, maxSockets: 4 });
const took = [];
let [stored, failed, open] = [0, 0, 0];
let begun = performance.now();

function send(device, due, cold) {
    open++;
    const upMs = due;
    const rows = Array.from({ length: ROWS }, (_, n) => ({
        seq: device.seq++,
        boot: 0,
        upMs: Math.round(upMs - (ROWS - 1 - n)),
        kind: 'reading',
        id: device.sensors[n % device.sensors.length],
        value: [cold ? 23 : 25.4, 25.3, 8.2, 35, 6.5][n % 5],
    }));
    const body = JSON.stringify({ schema: 1, run: 'bench', boot: 0, sentUpMs: Math.round(upMs), rows });
    const req = request(
        `${base}/api/v1/link/batches`,
        {
            agent,
            method: 'POST',
            headers: {
                Authorization: `Bearer ${device.token}`,
                'Content-Type': 'application/json',
                Accept: 'application/json',
                'Content-Length': Buffer.byteLength(body),
            },
        },
        (res) => {
            let text = '';
            res.on('data', (d) => (text += d));
            res.on('end', () => {
                took.push(performance.now() - begun - due);
                if (res.statusCode === 200) stored += JSON.parse(text).stored;
                else failed++;
                open--;
            });
        },
    );
    req.on('error', () => {
        failed++;
        open--;
    });
    req.end(body);
}

// Half a second of each worker before the clock runs: a server that has just been started compiles its code first.
for (let n = 0; n < 100; n++) {
    send(devices[n % devices.length], performance.now() - begun, false);
    await new Promise((done) => setTimeout(done, 60));
}
while (open > 0) await new Promise((done) => setTimeout(done, 20));
const before = stored;
took.length = 0;
begun = performance.now();
const total = Number(seconds) * BATCHES_S;
for (let n = 0; n < total; n++) {
    const due = (n * 1000) / BATCHES_S;
    const wait = due - (performance.now() - begun);
    if (wait > 0) await new Promise((done) => setTimeout(done, wait));
    send(devices[n % devices.length], due, n % devices.length === 7 && n > total / 2);
}
while (open > 0) await new Promise((done) => setTimeout(done, 20));
const lasted = (performance.now() - begun) / 1000;
took.sort((a, b) => a - b);
const at = (share) => took[Math.min(took.length - 1, Math.floor(share * took.length))];
console.log(
    JSON.stringify({
        stored,
        measured: stored - before,
        failed,
        seconds: lasted,
        p50: at(0.5),
        p95: at(0.95),
        p99: at(0.99),
        worst: took[took.length - 1],
    }),
);
agent.destroy();
