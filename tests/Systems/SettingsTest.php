<?php

declare(strict_types=1);

namespace Tests\Systems;

use App\Systems\ItemSetting;
use LogicException;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** What a device is set to: dated values, never written over, on paper before it is unplugged (K-43). */
final class SettingsTest extends TestCase
{
    #[Test]
    public function a_new_value_follows_the_old_one_with_who_and_why(): void
    {
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner);
        $pump = $system->items()->create(['job' => 'return-pump', 'name' => 'Return', 'plug_label' => 'RP']);
        $this->actingAs($planner);
        $first = ['name' => 'speed', 'value' => '60 %', 'why' => 'first'];
        $set = fn (array $more) => $this->post("/items/{$pump->id}/settings", $more + $first);
        $set([])->assertSessionHasNoErrors();
        $this->travel(1)->days();
        $set(['value' => '70 %', 'why' => 'more turnover'])->assertSessionHasNoErrors();
        $set(['name' => 'height over the floor', 'value' => '120 mm'])->assertSessionHasNoErrors();
        $set(['why' => ''])->assertSessionHasErrors('why');

        $settings = self::props($this->get("/systems/{$system->id}/register"))['settings'];
        self::assertSame(['height over the floor', 'speed'], array_column($settings, 'name'));
        self::assertSame(['70 %', 'more turnover', $planner->name], [$settings[1]['value'], $settings[1]['why'], $settings[1]['by']]);
        self::assertSame(['60 %'], array_column($settings[1]['before'], 'value'));
        $pdf = $this->get("/systems/{$system->id}/settings.pdf")->assertOk();
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());

        $pump->update(['retired_at' => now()]);
        $set([])->assertForbidden();
        self::assertSame([], self::props($this->get("/systems/{$system->id}/register"))['settings']);
        $this->expectException(LogicException::class);
        ItemSetting::query()->firstOrFail()->update(['value' => '1 %']);
    }
}
