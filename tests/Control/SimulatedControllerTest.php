<?php

declare(strict_types=1);

namespace Tests\Control;

use App\Control\Link\LinkDevice;
use App\Control\Link\SimulatedController;
use App\Control\WholeSetUp;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A controller that stands nowhere speaks over the same link as a real one. */
final class SimulatedControllerTest extends TestCase
{
    #[Test]
    public function it_reports_what_it_sees_keeps_it_while_the_line_is_down_and_sends_it_once(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $controller = Fixture::controller($system->site()->firstOrFail());
        $outlet = $controller->strips()->firstOrFail()->outlets()->firstOrFail();
        $system->items()->create(['job' => 'heater', 'name' => 'Heater', 'watts' => 300, 'outlet_id' => $outlet->id]);
        $probe = $controller->sensors()->where('name', 'sump probe')->sole();
        $this->actingAs($planner)->put("/control/{$controller->id}", ['revision' => 0, 'guards' => [], 'outlets' => [
            ['id' => $outlet->key(), 'place' => 'heater', 'lostLink' => 'off', 'rule' => ['kind' => 'hold', 'probe' => $probe->key(),
                'startAt' => 25.3, 'stopAt' => 25.6, 'blind' => 'off']],
        ]])->assertOk();
        $device = Fixture::device($controller, $planner);
        $isDown = false;
        // Over the router in place of a socket: the same requests, the same answers.
        Http::fake(function (Request $request) use (&$isDown) {
            if ($isDown) {
                return Http::response('', 503);
            }
            $path = (string) parse_url($request->url(), PHP_URL_PATH);
            $answer = $this->withHeaders(['Authorization' => $request->header('Authorization')[0]])->postJson($path, $request->data());

            return Http::response((string) $answer->getContent(), $answer->getStatusCode());
        });
        $running = SimulatedController::of($device, 'http://link.test', 60.0, app(WholeSetUp::class));
        self::assertInstanceOf(SimulatedController::class, $running);
        self::assertSame(5, $running->step());
        $isDown = true;
        self::assertSame(0, $running->step());
        self::assertSame(0, $running->step());
        $isDown = false;
        self::assertSame(12, $running->step());
        self::assertSame(17, DB::table('link_rows')->count());
        self::assertSame(range(0, 16), DB::table('link_rows')->orderBy('seq')->pluck('seq')->all());
        self::assertNotNull(LinkDevice::query()->sole()->heard_at);

        // Broken on the screen it breaks here; with the line pulled nothing is heard and nothing is lost.
        $this->put("/devices/{$device->id}/breaks", ['breaks' => [['kind' => 'probe-silent', 'of' => $probe->key()]]]);
        self::assertSame(3, $running->step());
        $this->put("/devices/{$device->id}/breaks", ['breaks' => [['kind' => 'report-lost']]])->assertSessionHasNoErrors();
        self::assertSame(0, $running->step());
        $this->put("/devices/{$device->id}/breaks", ['breaks' => []]);
        self::assertGreaterThanOrEqual(7, $running->step());
        $this->put("/devices/{$device->id}/breaks", ['breaks' => [['kind' => 'meteorite']]])->assertSessionHasErrors('breaks.0.kind');
    }
}
