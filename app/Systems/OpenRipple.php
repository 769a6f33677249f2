<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Control\Ripple;

/** One thing a change of a running system re-opened, until somebody looked and confirmed it (X-30). */
#[UsePolicy(OpenRipplePolicy::class)]
final class OpenRipple extends Row
{
    use Audited;

    protected $table = 'ripples';

    protected $fillable = [
        'system_id',
        'user_id',
        'subject',
        'label',
        'check',
        'rule',
        'cause',
        'figure',
        'confirmed_at',
        'confirmed_by',
        'found',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figure' => 'array', 'confirmed_at' => 'immutable_datetime'];
    }

    /**
     * The same subject opened again while it still waits keeps its first "before".
     *
     * @param  list<Ripple>  $ripples
     */
    public static function open(System $system, array $ripples, string $cause, User $user): int
    {
        // A survey nobody has made cannot lose its truth.
        $never = array_keys(
            array_filter([
                'light-survey' => $system->light_read_on === null,
                'flow-survey' => $system->flow_read_on === null,
            ]),
        );
        $ripples = array_values(array_filter($ripples, fn (Ripple $r): bool => ! in_array($r->subject, $never, true)));
        foreach ($ripples as $ripple) {
            $waiting = self::query()
                ->where(['system_id' => $system->id, 'subject' => $ripple->subject])
                ->whereNull('confirmed_at')
                ->first();
            $figure =
                $ripple->before === null
                    ? $waiting?->figure
                    : [
                        'label' => $ripple->before->label,
                        'before' => $waiting->figure['before'] ?? self::plain($ripple->before),
                        'after' => self::plain($ripple->after),
                        'kind' => $ripple->before->quantity?->kind->value,
                    ];
            $row = [
                'label' => $ripple->label,
                'check' => $ripple->check,
                'rule' => $ripple->rule,
                'cause' => mb_substr($cause, 0, 300),
                'figure' => $figure,
                'user_id' => $user->id,
            ];
            $waiting === null
                ? self::query()->create(['system_id' => $system->id, 'subject' => $ripple->subject, ...$row])
                : $waiting->update($row);
        }

        return count($ripples);
    }

    private static function plain(?Figure $figure): float|string|null
    {
        return $figure?->quantity === null ? $figure?->word : $figure->quantity->value;
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
