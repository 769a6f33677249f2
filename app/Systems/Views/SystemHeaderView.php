<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\House\Views\CrumbView;
use App\Systems\OpenRipple;
use App\Systems\StandingNote;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Relations\Relation;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;

/** What stands over every page of a system. Standing notes are for us only. */
final readonly class SystemHeaderView
{
    /** @return array<array-key, mixed> what of() reads beside site.client and keeper */
    public static function loads(): array
    {
        return [
            'standingNotes' => fn (Relation $notes) => $notes->whereNull('archived_at')->with('user')->latest('id'),
            'ripples',
        ];
    }

    /**
     * @param  list<CrumbView>  $crumbs
     * @param  list<NoteView>  $notes
     * @param  list<RippleView>  $ripples
     */
    private function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public string $regime,
        public ?string $volume,
        public ?string $age,
        public ?string $settling,
        /** What is not tested yet though animals depend on it. */
        public ?string $unprotected,
        public ?string $keeper,
        public array $crumbs,
        public array $notes,
        public array $ripples,
        public bool $working,
        public bool $mayUpdate,
        public bool $mayRecord,
        public bool $mayCallOut,
        public int $siteId,
        public ?int $planVersionId,
    ) {
    }

    /** The system is loaded with site.client, keeper and standingNotes.user. */
    public static function of(System $system, User $user): self
    {
        $staff = $user->can('viewWorking', $system);
        $site = $system->site;

        return new self(
            id: $system->id,
            name: $system->name,
            kind: $system->kind,
            regime: $system->regime->label(),
            volume: self::volume($system, $user),
            age: self::age($system),
            settling: $system->isSettling() ? 'settling until '.$system->settling_until?->format('j M Y') : null,
            unprotected: $staff ? $system->unprotected : null,
            keeper: $system->keeper?->name,
            crumbs: $staff && $site !== null
                ? [
                    new CrumbView((string) $site->client?->name, "/clients/{$site->client_id}"),
                    new CrumbView($site->name, "/sites/{$site->id}"),
                ]
                : [new CrumbView((string) $site?->name, null)],
            notes: $staff
                ? array_values($system->standingNotes->map(fn (StandingNote $n): NoteView => NoteView::of($n))->all())
                : [],
            ripples: $staff
                ? array_values(
                    $system->ripples->map(fn (OpenRipple $r): RippleView => RippleView::of($r, $user->units()))->all(),
                )
                : [],
            working: $staff,
            mayUpdate: $user->can('update', $system),
            mayRecord: $user->can('record', $system),
            mayCallOut: $user->can('callOut', $system),
            siteId: $system->site_id,
            planVersionId: $staff ? $system->plan_version_id : null,
        );
    }

    private static function volume(System $system, User $user): ?string
    {
        $litres = $system->volumeL();
        if ($litres === null) {
            return null;
        }
        $label = null;
        foreach ($system->vessels as $vessel) {
            $value = $vessel->facts['labelL'] ?? null;
            $label = is_numeric($value) ? (float) $value : $label;
        }
        $units = $user->units();
        $text =
            $units->show(Quantity::of($litres, Kind::Volume)).
            ($system->measured_volume_l === null ? ' true' : ' measured');

        return $label === null ? $text : $text.', label '.$units->show(Quantity::of($label, Kind::Volume));
    }

    private static function age(System $system): ?string
    {
        $started = $system->started_on;

        return $started === null
            ? null
            : match ($system->started_precision) {
                'day' => 'running since '.$started->format('j M Y'),
                'month' => 'running since '.$started->format('F Y'),
                'year' => 'running since '.$started->format('Y'),
                default => 'running since about '.$started->format('Y'),
            };
    }
}
