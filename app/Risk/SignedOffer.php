<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Audited;
use App\House\Database\Row;
use App\House\Days;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a client took and what was put off until when, as it was signed (X-53). Never changed: what is agreed later is signed anew.
 *
 * @property list<array{kind: string, label: string, price: string|null}> $taken
 * @property list<array{kind: string, label: string, price: string|null, meanwhile: string, until: string}> $put_off
 */
#[UsePolicy(SignedOfferPolicy::class)]
final class SignedOffer extends Row
{
    use Audited;

    protected $fillable = [
        'system_id',
        'signed_by',
        'signed_on',
        'budget_minor',
        'cost_minor',
        'taken',
        'put_off',
        'next_on',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['signed_on' => 'immutable_date', 'next_on' => 'immutable_date', 'taken' => 'array', 'put_off' => 'array'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** The last that was signed for a system; null: nothing was. */
    public static function inForce(System $system): ?self
    {
        return self::query()->where('system_id', $system->id)->orderByDesc('signed_on')->orderByDesc('id')->first();
    }

    /** A day until which something was put off has passed: it is to be taken up again. */
    public function isDue(): bool
    {
        return $this->next_on !== null && $this->next_on->toDateString() < Days::text();
    }
}
