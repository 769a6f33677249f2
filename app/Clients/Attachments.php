<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Http\Asked;
use App\Team\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Takes files in: checked by their content, photos rewritten without location data. */
final class Attachments
{
    private const MIMES = ['image/jpeg', 'image/png', 'image/webp', 'application/pdf'];

    /** @return list<string> */
    public static function rules(): array
    {
        return [
            'required',
            'file',
            'max:'.(int) (config()->integer('velbrin.upload_bytes') / 1024),
            'mimetypes:'.implode(',', self::MIMES),
        ];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'file.mimetypes' => 'JPEG, PNG, WebP or PDF, please. A HEIC photo: set the phone’s camera to “most compatible”, or '.
                'send it to yourself as JPEG.',
            'file.max' => 'The file is larger than 15 MB. Send a smaller one.',
            'file.uploaded' => 'The file did not arrive whole. It may be larger than 15 MB.',
        ];
    }

    /** Takes the file and caption of a form. */
    public static function take(Request $request, Model $subject, User $user, ?string $uuid = null): Attachment
    {
        $request->validate(
            [
                'about' => ['nullable', 'string', 'max:60', 'regex:/^[a-z]+:[A-Za-z0-9_:-]+$/'],
                'caption' => ['nullable', 'string', 'max:200'],
                'file' => self::rules(),
            ],
            self::messages(),
        );
        $file = $request->file('file');
        if (! ($file instanceof UploadedFile)) {
            throw ValidationException::withMessages(['file' => 'One file at a time, please.']);
        }

        return self::keep(
            $subject,
            $file,
            Asked::word($request, 'caption'),
            $user,
            $request->filled('about') ? Asked::word($request, 'about') : null,
            $uuid,
        );
    }

    /**
     * @param  string|null  $about  the one fact or part it shows, as "room:3:span_mm"
     * @param  string|null  $uuid  the phone's own number for it
     */
    public static function keep(
        Model $subject,
        UploadedFile $file,
        string $caption,
        User $user,
        ?string $about = null,
        ?string $uuid = null,
    ): Attachment {
        $mime = (string) $file->getMimeType();
        $bytes = (string) $file->getContent();
        $isPaper = $mime === 'application/pdf';
        if ($isPaper && ! str_starts_with($bytes, '%PDF-')) {
            throw ValidationException::withMessages(['file' => 'This is not a PDF inside.']);
        }
        $isLarge = ! $isPaper && CleanPhoto::isLarge($bytes);
        if (! $isPaper && ! $isLarge) {
            [$bytes, $mime] = CleanPhoto::of($bytes);
        }
        $path = ($isLarge ? 'waiting/' : 'attachments/').now()->format('Y/m').'/'.Str::uuid()->toString();
        Storage::disk('local')->put($path, $bytes);

        $kept = Attachment::query()->create([
            'standing' => $isLarge ? Attachment::WAITING : Attachment::READY,
            'subject_type' => $subject->getMorphClass(),
            'subject_id' => $subject->getKey(),
            'kind' => $isPaper ? Attachment::PAPER : Attachment::PHOTO,
            'caption' => $caption === '' ? null : $caption,
            'about' => $about,
            'client_uuid' => $uuid,
            'original_name' => mb_substr(
                preg_replace('/[^\w .()-]+/u', '_', $file->getClientOriginalName()) ?? 'file',
                0,
                200,
            ),
            'mime' => $mime,
            'bytes' => strlen($bytes),
            'sha256' => hash('sha256', $bytes),
            'path' => $path,
            'user_id' => $user->id,
        ]);
        if ($isLarge) {
            RewritePhoto::dispatch($kept->id);
        }

        return $kept;
    }
}
