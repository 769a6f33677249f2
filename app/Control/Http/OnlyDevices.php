<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Link\LinkDevice;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Lets in devices with a token of the link, and nobody else. */
final class OnlyDevices
{
    public function handle(Request $request, Closure $next): Response
    {
        $token = $request->bearerToken();
        $device = $token === null || strlen($token) > 100 ? null : LinkDevice::byToken($token);
        if ($device === null) {
            return response()->json(['message' => 'No device has this token, or it was taken back.'], 401);
        }
        if ($device->next_token_hash === LinkDevice::hashOf((string) $token)) {
            // The new one is used for the first time: from now on the old one opens nothing.
            DB::table('link_devices')->where('id', $device->id)->update([
                'token_hash' => $device->next_token_hash,
                'next_token_hash' => null,
            ]);
        }
        $request->attributes->set('link', $device);

        return $next($request);
    }
}
