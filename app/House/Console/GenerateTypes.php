<?php

declare(strict_types=1);

namespace App\House\Console;

use App\House\TypeScript;
use Illuminate\Console\Command;

final class GenerateTypes extends Command
{
    protected $signature = 'velbrin:types {--check : fail when the file on disk differs}';

    protected $description = 'Writes the TypeScript of every view class to resources/js/generated.d.ts';

    public function handle(): int
    {
        $file = resource_path('js/generated.d.ts');
        $types = TypeScript::ofViews(app_path());
        if (! $this->option('check')) {
            file_put_contents($file, $types);
            $this->info("Wrote {$file}");

            return self::SUCCESS;
        }
        if (! is_file($file) || file_get_contents($file) !== $types) {
            $this->error('resources/js/generated.d.ts is older than the view classes. Run: bin/artisan velbrin:types');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
