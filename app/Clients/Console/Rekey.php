<?php

declare(strict_types=1);

namespace App\Clients\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/** After the key was exchanged: what is encrypted is written anew under today's, so that the old one can go. */
final class Rekey extends Command
{
    /** Columns that hold what only the key opens. */
    private const ENCRYPTED = ['site_codes' => 'code', 'users' => 'factor_secret'];

    protected $signature = 'velbrin:rekey';

    protected $description = 'Writes door codes and second factors anew under the key of today';

    public function handle(): int
    {
        $written = 0;
        DB::transaction(function () use (&$written): void {
            foreach (self::ENCRYPTED as $table => $column) {
                $rows = DB::table($table)->whereNotNull($column)->orderBy('id')->lockForUpdate()->pluck($column, 'id');
                foreach ($rows as $id => $kept) {
                    $value = Crypt::decryptString(is_string($kept) ? $kept : '');
                    DB::table($table)->where('id', $id)->update([$column => Crypt::encryptString($value)]);
                    $written++;
                }
            }
        });
        $this->info("{$written} written under the key of today.");
        $this->line('Codes on paper and seals of before hold as long as APP_PREVIOUS_KEYS names the old key.');

        return self::SUCCESS;
    }
}
