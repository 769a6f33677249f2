<?php

declare(strict_types=1);

namespace App\Front\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Store;
use SessionHandlerInterface;
use Symfony\Component\HttpFoundation\Response;

/**
 * A question a page asks beside itself reads the session and leaves it as it is. Several are under way at once; any of them, written
 * back late, would take away what another request has just said ("Moved, and promised").
 */
final class LeavesSession
{
    private const WAS = 'session-handler';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $always = ''): Response
    {
        if ($always !== '' || self::asksBeside($request)) {
            $session = $request->hasSession() ? $request->session() : null;
            if ($session instanceof Store) {
                $request->attributes->set(self::WAS, $session->getHandler());
                $session->setHandler(self::readOnly($session->getHandler()));
            }
        }

        return $next($request);
    }

    /** The session was read and left as it is. */
    public static function wasLeft(Request $request): bool
    {
        return $request->attributes->has(self::WAS);
    }

    /** What serves several requests in one process writes again from here on. */
    public function terminate(Request $request, Response $response): void
    {
        $was = $request->attributes->get(self::WAS);
        if ($was instanceof SessionHandlerInterface && $request->hasSession() && $request->session() instanceof Store) {
            $request->session()->setHandler($was);
        }
    }

    /** Answers as data, or a part of a page that shows nothing that was said. */
    private static function asksBeside(Request $request): bool
    {
        $parts = $request->header('X-Inertia-Partial-Data');

        return $request->isMethodSafe() &&
            ($parts === null
                ? $request->expectsJson() && $request->header('X-Inertia') === null
                : ! in_array('said', explode(',', (string) $parts), true));
    }

    private static function readOnly(SessionHandlerInterface $handler): SessionHandlerInterface
    {
        return new class($handler) implements SessionHandlerInterface
        {
            public function __construct(private readonly SessionHandlerInterface $under)
            {
            }

            public function open(string $path, string $name): bool
            {
                return $this->under->open($path, $name);
            }

            public function close(): bool
            {
                return $this->under->close();
            }

            public function read(string $id): string|false
            {
                return $this->under->read($id);
            }

            public function write(string $id, string $data): bool
            {
                return true;
            }

            public function destroy(string $id): bool
            {
                return $this->under->destroy($id);
            }

            public function gc(int $max_lifetime): int|false
            {
                return $this->under->gc($max_lifetime);
            }
        };
    }
}
