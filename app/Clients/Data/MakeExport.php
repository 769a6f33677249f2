<?php

declare(strict_types=1);

namespace App\Clients\Data;

use App\Clients\Attachment;
use App\House\Csv;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use RuntimeException;
use Throwable;
use ZipArchive;

/** Writes everything about one client into a ZIP: each table as JSON and CSV with its schema, and the files. */
final class MakeExport implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 1200;

    public function __construct(private readonly int $exportId)
    {
    }

    public function handle(): void
    {
        $export = ClientExport::query()->where('state', ClientExport::WAITING)->find($this->exportId);
        if (! $export instanceof ClientExport) {
            return;
        }
        $rows = new ClientRows($export->client_id);
        $folder = sys_get_temp_dir().'/velbrin-export-'.Str::random(20);
        mkdir($folder, 0700);
        try {
            $zip = new ZipArchive();
            if ($zip->open("{$folder}/all.zip", ZipArchive::CREATE) !== true) {
                throw new RuntimeException('The file cannot be begun.');
            }
            $counts = $this->tables($export, $rows, $zip, $folder);
            $this->files($rows, $zip);
            $zip->addFromString('manifest.json', self::json([
                'format' => 'velbrin-client-data',
                'version' => 1,
                'made_at' => now()->toIso8601ZuluString(),
                'client' => $export->client_id,
                'rows' => $counts,
                'left_out' => 'Passwords, door codes and addresses of calendars: they are keys, not records.',
            ]));
            $zip->close();
            $path = 'exports/'.Str::uuid()->toString().'.zip';
            $stream = fopen("{$folder}/all.zip", 'rb');
            Storage::disk('local')->writeStream($path, $stream === false ? throw new RuntimeException('The file is gone.') : $stream);
            $export->update([
                'state' => ClientExport::READY,
                'percent' => 100,
                'path' => $path,
                'bytes' => filesize("{$folder}/all.zip"),
            ]);
        } finally {
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            rmdir($folder);
        }
    }

    public function failed(?Throwable $why): void
    {
        ClientExport::query()->whereKey($this->exportId)->update(['state' => ClientExport::FAILED]);
    }

    /** @return array<string, int> */
    private function tables(ClientExport $export, ClientRows $rows, ZipArchive $zip, string $folder): array
    {
        $counts = [];
        $schema = [];
        $tables = $rows->tables();
        foreach ($tables as $n => $table) {
            $columns = ClientRows::columns($table);
            $json = fopen("{$folder}/{$table}.json", 'wb');
            $csv = fopen("{$folder}/{$table}.csv", 'wb');
            if ($json === false || $csv === false) {
                throw new RuntimeException('There is no room to write the file.');
            }
            Csv::put($csv, $columns);
            fwrite($json, '[');
            $counts[$table] = 0;
            foreach ($rows->rows($table) as $row) {
                fwrite($json, ($counts[$table] === 0 ? "\n" : ",\n").self::json($row));
                Csv::put($csv, array_map(fn (string $c): mixed => $row->{$c} ?? null, $columns));
                $counts[$table]++;
            }
            fwrite($json, "\n]\n");
            fclose($json);
            fclose($csv);
            $zip->addFile("{$folder}/{$table}.json", "data/{$table}.json");
            $zip->addFile("{$folder}/{$table}.csv", "data/{$table}.csv");
            $schema[$table] = self::schema($table, $columns);
            $export->update(['percent' => (int) (90 * ($n + 1) / count($tables))]);
        }
        $zip->addFromString('schema.json', self::json([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$defs' => $schema,
        ]));

        return $counts;
    }

    private function files(ClientRows $rows, ZipArchive $zip): void
    {
        foreach (Attachment::query()->whereIn('id', $rows->ids()['attachments'] ?? [])->ready()->cursor() as $file) {
            $path = Storage::disk('local')->path($file->path);
            if (is_file($path)) {
                $zip->addFile($path, "files/{$file->id}-{$file->original_name}");
            }
        }
    }

    /**
     * @param  list<string>  $columns
     * @return array<string, mixed>
     */
    private static function schema(string $table, array $columns): array
    {
        $properties = [];
        foreach (DB::getSchemaBuilder()->getColumns($table) as $column) {
            if (! in_array($column['name'], $columns, true)) {
                continue;
            }
            $type = match (true) {
                in_array($column['type_name'], ['bigint', 'int', 'smallint', 'tinyint'], true) => 'integer',
                in_array($column['type_name'], ['double', 'float'], true) => 'number',
                default => 'string',
            };
            $properties[$column['name']] = ['type' => $column['nullable'] ? [$type, 'null'] : $type];
        }

        return [
            'type' => 'array',
            'items' => ['type' => 'object', 'properties' => $properties, 'required' => $columns, 'additionalProperties' => false],
        ];
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
