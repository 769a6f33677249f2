<?php

declare(strict_types=1);

namespace App\Clients;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Throwable;

/** Rewrites a photo of many pixels beside the request; until then it lies apart, and nobody is shown it. */
final class RewritePhoto implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public int $timeout = 120;

    public function __construct(private readonly int $attachmentId)
    {
    }

    public function handle(): void
    {
        $photo = Attachment::query()->whereKey($this->attachmentId)->where('standing', Attachment::WAITING)->first();
        if ($photo === null) {
            return;
        }
        $disk = Storage::disk('local');
        $raw = $photo->path;
        try {
            [$bytes, $mime] = CleanPhoto::of((string) $disk->get($raw));
        } catch (ValidationException) {
            $this->failed(null);

            return;
        }
        $path = 'attachments/'.substr($raw, strlen('waiting/'));
        $disk->put($path, $bytes);
        $photo->update([
            'standing' => Attachment::READY,
            'path' => $path,
            'mime' => $mime,
            'bytes' => strlen($bytes),
            'sha256' => hash('sha256', $bytes),
        ]);
        $disk->delete($raw);
    }

    public function failed(?Throwable $why): void
    {
        Attachment::query()->whereKey($this->attachmentId)->update(['standing' => Attachment::UNREADABLE]);
    }
}
