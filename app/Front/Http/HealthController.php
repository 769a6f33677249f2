<?php

declare(strict_types=1);

namespace App\Front\Http;

use App\Front\Health;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Whether it is alive, for anybody; how it is, for whoever keeps the server. */
final class HealthController
{
    public function up(): Response
    {
        return response("alive\n", 200, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
    }

    public function health(Request $request): JsonResponse
    {
        abort_unless($this->mayAsk($request), 404);
        $health = Health::now();

        return response()
            ->json($health, $health['well'] ? 200 : 503, [], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)
            ->header('Cache-Control', 'no-store');
    }

    /** From this very machine, not through a proxy; or with the token of the settings. */
    private function mayAsk(Request $request): bool
    {
        $token = config()->string('velbrin.health_token');
        $isHere = in_array($request->server('REMOTE_ADDR'), ['127.0.0.1', '::1'], true) && ! $request->hasHeader('X-Forwarded-For');

        return $isHere || ($token !== '' && hash_equals($token, (string) $request->bearerToken()));
    }
}
