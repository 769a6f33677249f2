<?php

declare(strict_types=1);

namespace App\Clients\Data;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Storage;

/** A file of everything about one client, made by the worker, kept for some days. */
final class ClientExport extends Row
{
    use Audited;

    public const WAITING = 'waiting';

    public const READY = 'ready';

    public const FAILED = 'failed';

    public const GONE = 'gone';

    public const KEPT_DAYS = 7;

    protected $fillable = ['client_id', 'user_id', 'state', 'percent', 'path', 'bytes'];

    protected $hidden = ['path', 'percent', 'bytes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['percent' => 'integer', 'bytes' => 'integer', 'client_id' => 'integer', 'user_id' => 'integer'];
    }

    /** Files older than they are promised for are taken away. */
    public static function endOld(): void
    {
        $old = self::query()
            ->where('state', self::READY)
            ->where('created_at', '<', now()->subDays(self::KEPT_DAYS))
            ->get();
        foreach ($old as $export) {
            Storage::disk('local')->delete((string) $export->path);
            $export->update(['state' => self::GONE, 'path' => null]);
        }
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
