<?php

declare(strict_types=1);

namespace Tests\Front;

use App\Front\Http\LeavesSession;
use App\Front\Http\NoCookiesBeside;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\ArraySessionHandler;
use Illuminate\Session\Store;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

/** What was said waits for a page, whatever is asked beside it. */
final class LeavesSessionTest extends TestCase
{
    /** @return iterable<string, array{0: string, 1: array<string, string>, 2: string, 3: bool}> method, headers, always, stays */
    public static function requests(): iterable
    {
        $json = ['HTTP_ACCEPT' => 'application/json'];
        $page = ['HTTP_ACCEPT' => 'text/html', 'HTTP_X_INERTIA' => 'true'];
        yield 'type-to-go' => ['GET', $json, '', true];
        yield 'a part of the board that is asked after' => ['GET', [...$page, 'HTTP_X_INERTIA_PARTIAL_DATA' => 'board,run'], '', true];
        yield 'what a move would do' => ['POST', $json, 'always', true];
        yield 'the sheet a phone keeps' => ['GET', ['HTTP_ACCEPT' => '*/*', 'HTTP_X_REQUESTED_WITH' => 'XMLHttpRequest'], '', true];
        yield 'a new mark of the session' => ['HEAD', $json, '', true];
        yield 'a page' => ['GET', $page, '', false];
        yield 'a page read whole' => ['GET', ['HTTP_ACCEPT' => 'text/html'], '', false];
        yield 'a part that shows what was said' => ['GET', [...$page, 'HTTP_X_INERTIA_PARTIAL_DATA' => 'board,said'], '', false];
        yield 'something that is done' => ['POST', $json, '', false];
    }

    /** @param  array<string, string>  $headers */
    #[Test]
    #[DataProvider('requests')]
    public function only_a_page_takes_what_was_said(string $method, array $headers, string $always, bool $stays): void
    {
        $handler = new ArraySessionHandler(10);
        $session = function () use ($handler): Store {
            $store = new Store('velbrin', $handler, str_repeat('a', 40));
            $store->start();

            return $store;
        };
        $said = $session();
        $said->flash('said', 'Moved.');
        $said->save();

        $beside = $session();
        $request = Request::create('/x', $method, server: $headers);
        $request->setLaravelSession($beside);
        $middleware = new LeavesSession();
        $response = $middleware->handle($request, fn (): Response => new Response('ok'), $always);
        $beside->put('left', 'behind');
        $beside->save();
        $middleware->terminate($request, $response);

        $page = $session();
        self::assertSame($stays ? 'Moved.' : null, $page->get('said'));
        self::assertSame($stays ? null : 'behind', $page->get('left'), 'what is asked beside leaves nothing');
        $bare = (new NoCookiesBeside())->handle($request, fn (): Response => $middleware->handle(
            $request,
            fn (): Response => (new Response('ok'))->cookie('velbrin', 'a', 5)->cookie('XSRF-TOKEN', 'b', 5),
            $always,
        ));
        $middleware->terminate($request, $response);
        self::assertCount($stays && $method === 'GET' ? 0 : 2, $bare->headers->getCookies(), 'late, it takes nobody’s place');
        self::assertSame($handler, $beside->getHandler(), 'the next request of this process writes again');
    }
}
