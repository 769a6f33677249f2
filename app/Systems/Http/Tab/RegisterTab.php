<?php

declare(strict_types=1);

namespace App\Systems\Http\Tab;

use App\Clients\Room;
use App\Systems\Http\SystemPage;
use App\Systems\Item;
use App\Systems\Material;
use App\Systems\Settings;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Systems\Vessel;
use App\Systems\Views\ItemView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Response;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\StandIn;

/** The register: every device, vessel and material. */
final class RegisterTab
{
    public function __invoke(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewWorking', $system);
        SystemPage::load($system);

        return SystemPage::render('systems/Register', $system, $user, $this->own($system, $user));
    }

    /** @return array<string, mixed> */
    private function own(System $system, User $user): array
    {
        $system->items->load('attachments');

        return [
            'items' => $system->items
                ->sortBy([['retired_at', 'asc'], ['job', 'asc'], ['id', 'asc']])
                ->values()
                ->map(fn (Item $i): ItemView => ItemView::of($i, $user)),
            'settings' => Settings::of($system),
            'jobs' => collect(Job::cases())->mapWithKeys(fn (Job $j): array => [$j->value => $j->label()]),
            'vessels' => $system->vessels
                ->sortBy('id')
                ->values()
                ->map(
                    fn (Vessel $v): array => [
                        'id' => $v->id,
                        'name' => $v->name,
                        'litres' => $v->net_l,
                        'roomId' => $v->room_id,
                        'joinedOn' => $v->joined_on?->toDateString(),
                        'mayLeave' => $v->role === SystemBrief::OTHER,
                    ],
                ),
            'leftVessels' => Vessel::query()
                ->where('system_id', $system->id)
                ->whereNotNull('left_on')
                ->orderBy('left_on')
                ->get()
                ->map(fn (Vessel $v): array => [
                    'id' => $v->id,
                    'name' => $v->name,
                    'from' => $v->joined_on?->toDateString(),
                    'until' => $v->left_on?->toDateString(),
                    'because' => $v->left_because,
                ]),
            'rooms' => Room::query()
                ->current()
                ->where('site_id', $system->site_id)
                ->orderBy('name')
                ->pluck('name', 'id'),
            'ownRoomId' => $system->room_id,
            'materials' => Material::query()
                ->current()
                ->where('system_id', $system->id)
                ->orderBy('kind')
                ->orderBy('in_on')
                ->get()
                ->map(
                    fn (Material $m): array => [
                        'id' => $m->id,
                        'kind' => $m->kind,
                        'name' => $m->name,
                        'kg' => $m->mass_kg,
                        'on' => $m->in_on->toDateString(),
                        'note' => $m->note,
                        'facts' => implode(
                            ', ',
                            array_filter([
                                $m->place,
                                $m->out_on === null ? null : 'out since '.$m->out_on->format('j M'),
                                $m->grain === null ? null : "grain {$m->grain}",
                                $m->colour,
                                $m->origin === null ? null : "from {$m->origin}",
                                $m->lot === null ? null : "lot {$m->lot}",
                            ]),
                        ),
                    ],
                ),
            'materialKinds' => Material::KINDS,
            'standIns' => array_column(array_map(
                fn (StandIn $s): array => ['key' => $s->value, 'label' => $s->label()],
                StandIn::cases(),
            ), 'label', 'key'),
            'liquids' => array_column(array_map(
                fn (Liquid $l): array => ['key' => $l->value, 'label' => $l->label()],
                Liquid::cases(),
            ), 'label', 'key'),
        ];
    }
}
