<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Controller;
use App\Control\Sensor;
use App\Team\User;
use Carbon\CarbonImmutable;
use Carbon\Exceptions\InvalidFormatException;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Link\Plausible;
use Velbrin\Core\Control\Link\Row;

/**
 * Takes values of a log that somebody read from a file (K-40): each stored once under the file and its line, what cannot be told beside
 * the good ones. It is the past: no alarm is raised by it, and the controller has not been heard.
 */
final class TakeLog
{
    /** Ways to write a moment, with the seconds left out as well; the order of day and month is asked. */
    private const FORMATS = [
        'day-first' => ['!d.m.Y H:i:s', '!d.m.Y H:i', '!d/m/Y H:i:s', '!d/m/Y H:i', '!d-m-Y H:i:s', '!d-m-Y H:i'],
        'month-first' => ['!m/d/Y H:i:s', '!m/d/Y H:i', '!m/d/Y g:i:s A', '!m/d/Y g:i A', '!m-d-Y H:i:s', '!m-d-Y H:i'],
        'both' => ['!Y-m-d H:i:s', '!Y-m-d H:i', '!Y-m-d\TH:i:s', '!Y-m-d\TH:i', '!Y/m/d H:i:s', '!Y/m/d H:i'],
    ];

    public const ORDERS = ['day-first', 'month-first'];

    /** Whoever measured it cannot have done so later than now; clocks differ by so much, s. */
    private const AHEAD_S = 300;

    /** @var list<array{seq: int, message: string}> */
    private array $refused = [];

    private ?float $fromS = null;

    private ?float $toS = null;

    private function __construct(private readonly Controller $controller, private readonly string $order)
    {
    }

    /**
     * @param  string  $run  digest of the file
     * @param  list<array{seq: int, at: string, id: string, value: float}>  $rows
     * @param  bool  $isOnlyLook  nothing is stored
     * @return array{stored: int, repeated: int, refused: list<array{seq: int, message: string}>, from: string|null, to: string|null}
     */
    public static function of(
        Controller $controller,
        User $user,
        string $name,
        string $run,
        string $order,
        array $rows,
        bool $isOnlyLook,
    ): array {
        $take = new self($controller->loadMissing(['sensors', 'site']), $order);
        $good = $take->sorted($rows);
        $stored = 0;
        $repeated = 0;
        if (! $isOnlyLook && $good !== []) {
            [$stored, $repeated] = DB::transaction(function () use ($controller, $user, $name, $run, $good): array {
                Controller::query()->whereKey($controller->id)->lockForUpdate()->sole();

                return self::store(self::device($controller, $user, $name, $run), $run, $good);
            });
        }

        return [
            'stored' => $isOnlyLook ? count($good) : $stored,
            'repeated' => $repeated,
            'refused' => $take->refused,
            'from' => $take->fromS === null ? null : self::iso($take->fromS),
            'to' => $take->toS === null ? null : self::iso($take->toS),
        ];
    }

    /**
     * @param  list<array{seq: int, at: string, id: string, value: float}>  $rows
     * @return list<array{seq: int, atS: float, id: string, value: float}>
     */
    private function sorted(array $rows): array
    {
        $quantities = $this->controller->sensors
            ->reject(fn (Sensor $s): bool => $s->isArchived() || $s->kind !== Sensor::PROBE)
            ->mapWithKeys(fn (Sensor $s): array => [$s->key() => $s->quantity])
            ->all();
        $good = [];
        foreach ($rows as $row) {
            $atS = $this->moment($row['at']);
            $wrong = match (true) {
                ! array_key_exists($row['id'], $quantities) => 'no such probe on record',
                $atS === null => "“{$row['at']}” is no moment this can read",
                $atS > now()->getTimestamp() + self::AHEAD_S => "“{$row['at']}” lies ahead",
                ! Plausible::is($quantities[$row['id']], $row['value']) => "{$row['value']} is beyond what such a probe can read",
                default => null,
            };
            if ($wrong !== null) {
                $this->refused[] = ['seq' => $row['seq'], 'message' => $wrong];

                continue;
            }
            $good[] = ['seq' => $row['seq'], 'atS' => $atS, 'id' => $row['id'], 'value' => $row['value']];
            $this->fromS = min($this->fromS ?? INF, $atS);
            $this->toS = max($this->toS ?? -INF, $atS);
        }

        return $good;
    }

    /** s since 1970; without a zone of its own it is wall time of the place. Null: it cannot be read. */
    private function moment(string $written): ?float
    {
        $written = trim($written);
        if (preg_match('/^\d{9,10}(\.\d+)?$/', $written) === 1) {
            return (float) $written;
        }
        if (preg_match('/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)$/', $written) === 1) {
            try {
                return (float) CarbonImmutable::parse($written)->format('U.u');
            } catch (InvalidFormatException) {
                return null;
            }
        }
        $zone = $this->controller->site->timezone ?? 'UTC';
        foreach ([...self::FORMATS['both'], ...self::FORMATS[$this->order]] as $format) {
            $read = DateTimeImmutable::createFromFormat($format, $written, new DateTimeZone($zone));
            if ($read !== false && DateTimeImmutable::getLastErrors() === false) {
                return (float) $read->getTimestamp();
            }
        }

        return null;
    }

    /** One for each file; it reports nothing, and its token opens nothing. */
    private static function device(Controller $controller, User $user, string $name, string $run): LinkDevice
    {
        $device = LinkDevice::query()
            ->where('controller_id', $controller->id)
            ->where('kind', LinkDevice::FILE)
            ->where('run', $run)
            ->whereNull('taken_back_at')
            ->first();
        if ($device !== null) {
            return $device;
        }
        $made = LinkDevice::query()->create([
            'controller_id' => $controller->id,
            'name' => $name,
            'kind' => LinkDevice::FILE,
            'token_hash' => LinkDevice::hashOf(LinkDevice::token()),
            'revoked_at' => now(),
            'user_id' => $user->id,
        ]);
        $made->forceFill(['run' => $run])->save();

        return $made;
    }

    /**
     * @param  list<array{seq: int, atS: float, id: string, value: float}>  $rows
     * @return array{int, int} stored now, and there before
     */
    private static function store(LinkDevice $device, string $run, array $rows): array
    {
        $known = StoredRows::known($device, $run, array_column($rows, 'seq'));
        $new = array_values(array_filter($rows, fn (array $r): bool => ! isset($known[$r['seq']])));
        StoredRows::keep($device, $run, array_map(fn (array $r): array => [
            'seq' => $r['seq'],
            'at' => StoredRows::moment($r['atS']),
            'kind' => Row::READING,
            'channel' => $r['id'],
            'value' => $r['value'],
            'digest' => substr(hash('sha256', json_encode($r, JSON_THROW_ON_ERROR)), 0, 16),
        ], $new));
        $moments = array_column($new, 'atS');
        if ($moments !== []) {
            $fromS = min($device->log_from === null ? INF : (float) $device->log_from->format('U.v'), min($moments));
            $toS = max($device->log_to === null ? -INF : (float) $device->log_to->format('U.v'), max($moments));
            $device->update([
                'log_rows' => ($device->log_rows ?? 0) + count($new),
                'log_from' => StoredRows::moment($fromS),
                'log_to' => StoredRows::moment($toS),
            ]);
        }

        return [count($new), count($rows) - count($new)];
    }

    private static function iso(float $s): string
    {
        return CarbonImmutable::createFromTimestampUTC((int) $s)->toIso8601ZuluString();
    }
}
