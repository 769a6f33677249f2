<?php

declare(strict_types=1);

namespace App\House\Http;

use App\House\Trail;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/** What no change of a record tells: a file that left the house, a door somebody tried. */
final class TellsTrail
{
    /** The same file or door within so long is one line. */
    private const ONCE_S = 60;

    private const FILES = ['text/csv', 'application/pdf', 'application/zip', 'text/calendar'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($request->user() === null) {
            return $response;
        }
        if ($response->getStatusCode() === 403) {
            $this->tell($request, 'refused');
        } elseif ($response->isSuccessful() && self::isFile($response)) {
            $this->tell($request, 'export');
        }

        return $response;
    }

    private function tell(Request $request, string $event): void
    {
        $who = $request->user()?->getAuthIdentifier();
        $key = "trail|{$event}|".(is_scalar($who) ? (string) $who : '').'|'.sha1($request->method().$request->path());
        if (Cache::add($key, true, self::ONCE_S)) {
            Trail::write($event === 'export' ? 'left the house' : 'refused', $event, null, [
                'path' => '/'.$request->path(),
                'method' => $request->method(),
            ]);
        }
    }

    private static function isFile(Response $response): bool
    {
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];

        return in_array($type, self::FILES, true) ||
            str_starts_with((string) $response->headers->get('Content-Disposition'), 'attachment');
    }
}
