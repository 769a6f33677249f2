<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;

/** One version of what a controller does: a draft, the one that runs, or one that ran. What has run is never changed. */
#[UsePolicy(SetUpPolicy::class)]
final class SetUp extends Row
{
    public const DRAFT = 'draft';

    public const RUNNING = 'running';

    public const PAST = 'past';

    protected $fillable = [
        'controller_id',
        'number',
        'state',
        'document',
        'hash',
        'revision',
        'why',
        'user_id',
        'activated_by',
        'activated_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'activated_at' => 'immutable_datetime', 'number' => 'integer', 'revision' => 'integer'];
    }

    protected static function booted(): void
    {
        self::updating(function (self $setUp): void {
            if ($setUp->getOriginal('state') !== self::DRAFT && $setUp->isDirty(['document', 'hash', 'number', 'why'])) {
                throw new LogicException('A set-up that has run is not changed.');
            }
        });
    }

    /** @return BelongsTo<Controller, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(Controller::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @param  array<array-key, mixed>  $document */
    public static function hashOf(array $document): string
    {
        return hash('sha256', (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }
}
