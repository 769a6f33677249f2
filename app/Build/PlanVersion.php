<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\Judge;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use LogicException;
use Spatie\Activitylog\LogOptions;
use Velbrin\Core\Build\Delivery;
use Velbrin\Core\Build\JointLooks;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Chemistry\CycleProof;
use Velbrin\Core\Chemistry\Parameter;

/** An immutable snapshot of a plan's input. Its answers are recomputed until it is accepted, then frozen. */
#[UsePolicy(PlanVersionPolicy::class)]
final class PlanVersion extends Row
{
    use Audited;

    protected $fillable = [
        'plan_id',
        'number',
        'brief',
        'answers',
        'core_version',
        'note',
        'user_id',
        'accepted_at',
        'accepted_by',
    ];

    protected static function booted(): void
    {
        self::updating(function (self $version): void {
            if ($version->isDirty(['brief', 'number', 'plan_id']) || $version->getOriginal('accepted_at') !== null) {
                throw new LogicException('a plan version never changes');
            }
        });
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['number', 'note', 'accepted_at', 'accepted_by', 'core_version'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['brief' => 'array', 'answers' => 'array', 'accepted_at' => 'immutable_datetime', 'number' => 'integer'];
    }

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class);
    }

    /** Of the place it is built at. */
    public function siteId(): int
    {
        return (int) ($this->plan ?? $this->plan()->firstOrFail())->site_id;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function accepter(): BelongsTo
    {
        return $this->belongsTo(User::class, 'accepted_by');
    }

    /** @return HasOne<KeptAnswer, $this> */
    public function keptAnswer(): HasOne
    {
        return $this->hasOne(KeptAnswer::class);
    }

    /** @return HasMany<Waiver, $this> */
    public function waivers(): HasMany
    {
        return $this->hasMany(Waiver::class);
    }

    /** @return HasMany<PassedStage, $this> */
    public function passedStages(): HasMany
    {
        return $this->hasMany(PassedStage::class)->orderBy('id');
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class)->orderBy('promised_on')->orderBy('id');
    }

    /** @return HasMany<Consent, $this> */
    public function consents(): HasMany
    {
        return $this->hasMany(Consent::class)->orderBy('id');
    }

    /** @return HasMany<JointLook, $this> */
    public function jointLooks(): HasMany
    {
        return $this->hasMany(JointLook::class)->orderBy('joint');
    }

    /** @return HasMany<StageFirm, $this> */
    public function firms(): HasMany
    {
        return $this->hasMany(StageFirm::class);
    }

    /** @return HasMany<AcceptedRisk, $this> */
    public function risks(): HasMany
    {
        return $this->hasMany(AcceptedRisk::class)->orderBy('review_on');
    }

    /** @return array<int, string> joints of the plumbing by their row */
    public function joints(): array
    {
        $joints = [];
        foreach (PlanBrief::read($this->brief)->rows('joints') as $joint) {
            $joints[$joint->row] = $joint->called('joint');
        }

        return $joints;
    }

    /** What filling still waits for: each joint looked at a quarter full, full and an hour later, and dry (B-87). */
    private function jointsToLookAt(): ?string
    {
        return JointLooks::hinders(
            $this->joints(),
            array_values(
                $this->jointLooks
                    ->map(fn (JointLook $l): array => ['joint' => $l->joint, 'moment' => $l->moment, 'dry' => $l->dry])
                    ->all(),
            ),
        );
    }

    /** @return list<Delivery> */
    public function deliveries(): array
    {
        return array_values($this->orders->map(fn (Order $o): Delivery => $o->delivery())->all());
    }

    /** @return array<string, string> what stages still wait for besides their own work, in words */
    public function waits(): array
    {
        $waits = array_filter(['filled' => $this->jointsToLookAt()], is_string(...));
        foreach ($this->orders as $order) {
            if ($order->delivery()->isOut()) {
                $waits[$order->stage] = "It waits for {$order->what}, promised for {$order->promised_on->format(
                    'j M',
                )}";
            }
        }
        foreach ($this->consents->whereNull('given_on') as $consent) {
            $waits['structure'] = ucfirst($consent->words()).' has not consented yet';
        }

        return $waits;
    }

    /** @return array<string, string> what the proof of a stage still lacks, in words, by stage */
    public function lacks(): array
    {
        $system = $this->system;
        $read = fn (Parameter $p): array => $system === null ? [] : Judge::series($system, $p);

        return array_filter(
            ['cycle' => CycleProof::of($read(Parameter::Ammonia), $read(Parameter::Nitrite))->lacks()],
            is_string(...),
        );
    }

    /** @return array<string, int> the day each passed stage was passed on, by its key */
    public function passedDays(): array
    {
        return $this->passedStages
            ->mapWithKeys(fn (PassedStage $p): array => [$p->stage => PassedStage::day($p->passed_on)])
            ->all();
    }

    /** @return HasOne<System, $this> */
    public function system(): HasOne
    {
        return $this->hasOne(System::class);
    }
}
