<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Bench;
use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Control\Link\TakeBatch;
use App\Control\Orders\AnswerOrder;
use App\Control\SetUp;
use App\Control\WholeSetUp;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Link\LinkClock;

/** The link a controller reports over: its own tokens, no browser state, no write for a question. */
final class LinkController
{
    private const MOST_ROWS = 1000;

    private const MOST_BYTES = 262_144;

    private const SCHEMA = 1;

    private const MOST_WHY = 200;

    /** A device says that it starts a run: its numbers count anew. */
    public function hello(Request $request): JsonResponse
    {
        $device = self::device($request);
        $run = $request->json('run');
        $clock = $request->json('clock');
        if (! self::isRun($run) || ! (is_array($clock) || $clock === null)) {
            return self::refuse('run must be a word of 36 letters at most');
        }
        $isSimulated = $device->kind === LinkDevice::SIMULATED && is_array($clock);
        $epochS = is_array($clock) && is_numeric($clock['epoch'] ?? null) ? (float) $clock['epoch'] : null;
        $rate = is_array($clock) && is_numeric($clock['rate'] ?? null) ? (float) $clock['rate'] : null;
        $hash = $request->json('hash');
        DB::table('link_devices')->where('id', $device->id)->update([
            'run' => $run,
            'clock_valid' => is_bool($request->json('clockValid')) ? $request->json('clockValid') : null,
            'hello_at' => now()->format('Y-m-d H:i:s.v'),
            'hash' => is_string($hash) && preg_match('/^[0-9a-f]{64}$/', $hash) === 1 ? $hash : null,
            'clock_epoch_s' => $isSimulated ? $epochS : null,
            'clock_rate' => $isSimulated && $rate !== null && $rate > 0 && $rate <= 1000 ? $rate : null,
        ]);

        return response()->json(['everyS' => $device->every_s]);
    }

    public function batches(Request $request): JsonResponse
    {
        $device = self::device($request);
        if (strlen($request->getContent()) > self::MOST_BYTES) {
            return self::refuse('a batch has 256 KiB at most', 413);
        }
        $rows = $request->json('rows');
        $run = $request->json('run');
        if ($request->json('schema') !== self::SCHEMA || ! self::isRun($run) || ! is_array($rows) || ! array_is_list($rows)) {
            return self::refuse('schema 1, run and a list of rows are asked for');
        }
        if (count($rows) > self::MOST_ROWS) {
            return self::refuse('a batch has 1000 rows at most', 413);
        }
        $number = fn (string $key): ?float => is_numeric($request->json($key)) ? (float) $request->json($key) : null;
        $receivedS = (float) now()->format('U.u');
        $skewS = LinkClock::skewS($number('sentAt'), $receivedS);
        $boot = $request->json('boot');
        $clock = $device->clock($receivedS, is_int($boot) ? $boot : 0, $number('sentUpMs'), $skewS);

        return response()->json(TakeBatch::of($device, (string) $run, $clock, $rows, $skewS));
    }

    /** What it is to run; unchanged costs nothing. */
    public function programme(Request $request, WholeSetUp $whole): Response|JsonResponse
    {
        $device = self::device($request);
        $controller = Controller::query()->findOrFail($device->controller_id);
        $running = SetUp::query()->where('controller_id', $controller->id)->where('state', SetUp::RUNNING)->first();
        if ($running === null) {
            return response()->json(['message' => 'Nothing is set to work yet.'], 404);
        }
        $tag = '"'.$running->hash.'"';
        if ($request->header('If-None-Match') === $tag) {
            return response('', 304, ['ETag' => $tag]);
        }
        $controller->load(Bench::loads());

        return response()->json($whole->of($controller, $running->document), 200, ['ETag' => $tag]);
    }

    /** What it does with an order: it takes it, refuses it, or got it too late. */
    public function order(Request $request, int $order): JsonResponse
    {
        $device = self::device($request);
        $answer = $request->json('answer');
        $why = $request->json('why');
        $answers = [AnswerOrder::TAKEN, AnswerOrder::REFUSED, AnswerOrder::LATE];
        if (! in_array($answer, $answers, true) || ! (is_string($why) || $why === null) || mb_strlen((string) $why) > self::MOST_WHY) {
            return self::refuse('answer is taken, refused or late; why has 200 letters at most');
        }

        return response()->json(['state' => AnswerOrder::of($device, $order, $answer, $why)->value]);
    }

    /** A new token: the old one lives until the new one is used. */
    public function token(Request $request): JsonResponse
    {
        $device = self::device($request);
        $token = LinkDevice::token();
        DB::table('link_devices')->where('id', $device->id)->update(['next_token_hash' => LinkDevice::hashOf($token)]);

        return response()->json(['token' => $token]);
    }

    private static function device(Request $request): LinkDevice
    {
        $device = $request->attributes->get('link');

        return $device instanceof LinkDevice ? $device : abort(401);
    }

    private static function isRun(mixed $run): bool
    {
        return is_string($run) && preg_match('/^[\w\-]{1,36}$/', $run) === 1;
    }

    private static function refuse(string $message, int $status = 422): JsonResponse
    {
        return response()->json(['message' => ucfirst($message).'.'], $status);
    }
}
