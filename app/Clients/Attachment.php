<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Archives;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\MorphTo;

/** A photo or paper kept with a site, plan or system; checked by content, without location data. */
#[UsePolicy(AttachmentPolicy::class)]
final class Attachment extends Row
{
    use Archives;

    public const PHOTO = 'photo';

    public const PAPER = 'paper';

    /** Shown to whoever may. */
    public const READY = 'ready';

    /** Of many pixels: the worker has still to rewrite it. */
    public const WAITING = 'waiting';

    /** What the worker found was no photo. */
    public const UNREADABLE = 'unreadable';

    /** Taken out of the house with everything that named its client. */
    public const ERASED = 'erased';

    protected $fillable = [
        'standing',
        'subject_type',
        'subject_id',
        'kind',
        'caption',
        'about',
        'client_uuid',
        'original_name',
        'mime',
        'bytes',
        'sha256',
        'path',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }

    /** @param  Builder<self>  $query */
    public function scopeReady(Builder $query): void
    {
        $query->where('standing', self::READY);
    }

    /** @return MorphTo<Model, $this> */
    public function subject(): MorphTo
    {
        return $this->morphTo();
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
