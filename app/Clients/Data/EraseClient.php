<?php

declare(strict_types=1);

namespace App\Clients\Data;

use App\Clients\Attachment;
use App\Clients\Client;
use App\House\Erasure;
use App\House\Trail;
use App\House\TrailLine;
use App\Team\EndAccess;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/**
 * Takes out everything that tells who a client was and where they lived. What was built, measured and billed stays: other laws want it
 * kept, and other people's records lean on it. It cannot be undone.
 */
final class EraseClient
{
    private const GONE = 'erased';

    /** What is written instead, by table and column; a %d is the row's number. */
    public const ERASED = [
        'clients' => ['name' => 'Erased client %d', 'note' => null],
        'contacts' => [
            'name' => self::GONE,
            'role' => null,
            'phone' => null,
            'email' => null,
            'language' => null,
            'can_operate' => null,
            'shown' => null,
            'training_owed' => null,
        ],
        'sites' => [
            'name' => 'Erased place %d',
            'street' => null,
            'town' => null,
            'lat' => null,
            'lon' => null,
            'altitude_m' => null,
            'access_hours' => null,
            'access_note' => null,
            'parking' => null,
            'floor_protection' => null,
            'noise' => null,
            'pets' => null,
            'residents' => null,
            'children' => null,
            'absences' => null,
            'looked_at' => null,
            'away' => null,
            'enquiry' => null,
            'bases' => null,
        ],
        'site_codes' => ['label' => self::GONE, 'code' => self::GONE],
        'rooms' => ['name' => 'Room %d', 'people' => null, 'network' => null, 'windows' => null],
        'passages' => ['name' => self::GONE],
        'plans' => ['name' => 'Plan %d'],
        'systems' => ['name' => 'System %d'],
        'standing_notes' => ['text' => self::GONE],
        'site_wishes' => ['text' => self::GONE],
        'site_events' => ['text' => self::GONE],
        'users' => [
            'name' => 'Erased person %d',
            'email' => 'erased-%d@erased.invalid',
            'phone' => null,
            'home_lat' => null,
            'home_lon' => null,
        ],
        'moves' => [
            'name' => 'Move %d',
            'brief' => '{"people":[],"animals":[],"boxes":[],"pieces":[],"ticks":[],"way":{},"waters":{},"holding":{}}',
            'closed_words' => null,
            'left_place' => null,
        ],
        'move_events' => ['words' => null],
        'works' => ['name' => 'Work %d', 'ended_because' => null],
        'work_marks' => ['words' => null],
        'attachments' => ['caption' => null, 'original_name' => self::GONE, 'path' => 'erased/%d', 'standing' => Attachment::ERASED],
        'remote_accesses' => ['what' => self::GONE],
        'shut_offs' => ['words' => self::GONE, 'who_may' => null],
        'outlet_orders' => ['because' => self::GONE, 'refused_why' => null],
        'incidents' => ['review' => null],
        'incident_entries' => ['words' => null],
        'people_answers' => ['who_says' => self::GONE],
        'loans' => ['signed_by' => null, 'settled_how' => null],
        'stock_places' => ['name' => 'Place %d'],
        'stock_moves' => ['why' => null],
        'gateway_messages' => ['words' => self::GONE],
        'report_mails' => ['address' => self::GONE],
        'client_exports' => ['path' => null, 'state' => ClientExport::GONE],
    ];

    /** What stays as it is, and why. */
    public const KEPT = [
        'what was agreed and billed: the law wants it kept for years' => [
            'plan_versions',
            'kept_answers',
            'orders',
            'waivers',
            'consents',
            'accepted_risks',
            'signed_offers',
            'passed_stages',
            'joint_looks',
            'stage_firms',
        ],
        'what was done and told: the proof of the work' => [
            'visits',
            'visit_tasks',
            'visit_parts',
            'visit_entries',
            'move_hands',
            'move_paces',
            'reports',
            'report_notes',
            'log_entries',
            'follow_ups',
            'offs',
            'site_steps',
            'board_moves',
            'water_bookings',
            'tasks',
            'trials',
            'sand_profiles',
            'lifted',
            'locks',
            'disturbances',
            'ripples',
            'materials',
        ],
        'what was measured on water and machines: it names nobody' => [
            'readings',
            'judgements',
            'observations',
            'vessels',
            'items',
            'item_settings',
            'animals',
            'animal_places',
            'animal_transfers',
            'circuits',
            'controllers',
            'strips',
            'outlets',
            'sensors',
            'set_ups',
            'link_devices',
            'link_rows',
            'link_held',
            'alarm_watches',
            'alarm_events',
            'alarm_notices',
            'bands',
            'alarms',
            'alarm_calls',
            'exposures',
            'exposure_worst',
            'hazard_years',
            'risk_sums',
            'risk_months',
            'measure_curves',
            'proofs',
            'stocks',
            'product_system',
        ],
        'the trail: its values are taken out; that something was done can still be proved' => ['activity_log'],
    ];

    /** @return int rows that were changed */
    public static function run(Client $client, string $why): int
    {
        $rows = new ClientRows($client->id);
        $ids = $rows->ids();
        $files = DB::table('attachments')->whereIn('id', $ids['attachments'] ?? [])->pluck('path')
            ->merge(DB::table('client_exports')->where('client_id', $client->id)->whereNotNull('path')->pluck('path'))
            ->filter(fn (mixed $path): bool => is_string($path))
            ->all();
        $changed = DB::transaction(function () use ($client, $ids, $why): int {
            User::query()->whereIn('id', $ids['users'] ?? [])->get()->each(function (User $user): void {
                $user->archived_at === null && $user->archive();
                EndAccess::of($user);
                $user->forceFill(['password' => Str::password(40)])->saveQuietly();
            });
            DB::table('feeds')->where('kind', 'client')->where('subject_id', $client->id)->update(['revoked_at' => now()]);
            $changed = 0;
            foreach (self::ERASED as $table => $columns) {
                $changed += self::overwrite($table, $columns, $ids[$table] ?? []);
            }
            $client->newQuery()->whereKey($client->id)->update(['erased_at' => now()]);
            $lines = TrailLine::query()->whereIn('id', $ids['activity_log'] ?? []);
            Erasure::ofLines($lines, "erased with client {$client->id}");
            Trail::write('data erased', 'client-erased', $client, ['reason' => $why, 'rows' => $changed]);

            return $changed;
        });
        // After the rows: a file without a row is only room on the disk; a row that promises a file would be a lie.
        Storage::disk('local')->delete($files);

        return $changed;
    }

    /**
     * @param  array<string, string|null>  $columns
     * @param  list<int>  $ids
     */
    private static function overwrite(string $table, array $columns, array $ids): int
    {
        $changed = 0;
        foreach ($ids as $id) {
            $values = array_map(fn (?string $v): ?string => $v === null ? null : str_replace('%d', (string) $id, $v), $columns);
            if ($table === 'site_codes') {
                $values['code'] = encrypt(self::GONE, false);
            }
            $changed += DB::table($table)->where('id', $id)->update($values);
        }

        return $changed;
    }
}
