<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Controller;
use App\Control\SitePart;
use App\Control\SitePartPolicy;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Str;
use Velbrin\Core\Control\Link\LinkClock;

/** A device that reports over the link, with a token of its own. What it has reported is never changed. */
#[UsePolicy(SitePartPolicy::class)]
final class LinkDevice extends Row implements SitePart
{
    use Audited;

    public const REAL = 'real';

    public const SIMULATED = 'simulated';

    /** A log read from a file: it reports nothing. */
    public const FILE = 'file';

    protected $fillable = ['controller_id', 'name', 'kind', 'token_hash', 'every_s', 'revoked_at', 'breaks', 'user_id',
        'log_rows', 'log_from', 'log_to', 'taken_back_at', 'taken_back_by', 'taken_back_because'];

    protected $hidden = ['token_hash', 'next_token_hash', 'seen', 'breaks'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'revoked_at' => 'immutable_datetime',
            'hello_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'heard_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'seen' => 'array',
            'breaks' => 'array',
            'clock_valid' => 'boolean',
            'every_s' => 'integer',
            'log_rows' => 'integer',
            'log_from' => 'immutable_datetime:Y-m-d H:i:s.v',
            'log_to' => 'immutable_datetime:Y-m-d H:i:s.v',
            'taken_back_at' => 'immutable_datetime',
            'boot' => 'integer',
        ];
    }

    public function getDateFormat(): string
    {
        return 'Y-m-d H:i:s.v';
    }

    /** @return BelongsTo<Controller, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(Controller::class);
    }

    /** @return BelongsTo<User, $this> whoever let it report, or took its log in */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return list<int> of a controller, whose rows count: all but logs that were taken back */
    public static function thatCount(int $controllerId): array
    {
        $ids = self::query()->where('controller_id', $controllerId)->whereNull('taken_back_at')->pluck('id')->all();

        return array_values(array_filter($ids, is_int(...)));
    }

    public function siteId(): int
    {
        return $this->controller()->firstOrFail()->site_id;
    }

    public function isArchived(): bool
    {
        return $this->revoked_at !== null;
    }

    /** Its own secret, told once. */
    public static function token(): string
    {
        return 'vl_'.Str::random(48);
    }

    public static function hashOf(string $token): string
    {
        return hash('sha256', $token);
    }

    public static function byToken(string $token): ?self
    {
        $hash = self::hashOf($token);

        return self::query()
            ->whereNull('revoked_at')
            ->where(fn ($q) => $q->where('token_hash', $hash)->orWhere('next_token_hash', $hash))
            ->first();
    }

    public function clock(float $receivedS, ?int $boot, ?float $sentUpMs, ?float $skewS): LinkClock
    {
        $isSimulated = $this->kind === self::SIMULATED && $this->clock_epoch_s !== null && $this->hello_at !== null;

        return new LinkClock($receivedS, $boot, $sentUpMs, $skewS ?? $this->skew_s, $isSimulated ? [
            'epochS' => (float) $this->clock_epoch_s,
            'rate' => (float) ($this->clock_rate ?? 1.0),
            'helloS' => (float) $this->hello_at->format('U.v'),
        ] : null);
    }
}
