<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Http\Asked;
use App\Team\User;
use GdImage;
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

    private const LONGEST_SIDE_PX = 3200;

    private const MOST_PIXELS = 60_000_000;

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
    public static function take(Request $request, Model $subject, User $user): Attachment
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
        );
    }

    /** @param  string|null  $about  the one fact or part it shows, as "room:3:span_mm" */
    public static function keep(
        Model $subject,
        UploadedFile $file,
        string $caption,
        User $user,
        ?string $about = null,
    ): Attachment {
        $mime = (string) $file->getMimeType();
        $bytes = (string) $file->getContent();
        if ($mime === 'application/pdf') {
            if (! str_starts_with($bytes, '%PDF-')) {
                throw ValidationException::withMessages(['file' => 'This is not a PDF inside.']);
            }
        } else {
            [$bytes, $mime] = self::clean($bytes);
        }
        $path = 'attachments/'.now()->format('Y/m').'/'.Str::uuid()->toString();
        Storage::disk('local')->put($path, $bytes);

        return Attachment::query()->create([
            'subject_type' => $subject->getMorphClass(),
            'subject_id' => $subject->getKey(),
            'kind' => $mime === 'application/pdf' ? Attachment::PAPER : Attachment::PHOTO,
            'caption' => $caption === '' ? null : $caption,
            'about' => $about,
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
    }

    /**
     * Decoding and encoding again drops every tag, place and hidden part; the turn the camera noted is applied first.
     *
     * @return array{0: string, 1: string} bytes and type
     */
    private static function clean(string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[0] * $size[1] > self::MOST_PIXELS) {
            throw ValidationException::withMessages([
                'file' => 'This photo cannot be read. Take it again, or send it as JPEG.',
            ]);
        }
        $image = @imagecreatefromstring($bytes);
        if (! ($image instanceof GdImage)) {
            throw ValidationException::withMessages([
                'file' => 'This photo cannot be read. Take it again, or send it as JPEG.',
            ]);
        }
        $image = self::upright($image, $bytes, $size['mime']);
        $longest = max(imagesx($image), imagesy($image));
        if ($longest > self::LONGEST_SIDE_PX) {
            $scaled = imagescale($image, (int) round((imagesx($image) * self::LONGEST_SIDE_PX) / $longest));
            $image = $scaled instanceof GdImage ? $scaled : $image;
        }
        ob_start();
        $png = $size['mime'] === 'image/png';
        if ($png) {
            imagesavealpha($image, true);
            imagepng($image, null, 6);
        } else {
            imagejpeg($image, null, 86);
        }

        return [(string) ob_get_clean(), $png ? 'image/png' : 'image/jpeg'];
    }

    private static function upright(GdImage $image, string $bytes, string $mime): GdImage
    {
        if ($mime !== 'image/jpeg' || ! function_exists('exif_read_data')) {
            return $image;
        }
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            return $image;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $tags = @exif_read_data($stream);
        $degrees = match (is_array($tags) ? $tags['Orientation'] ?? 1 : 1) {
            3 => 180,
            6 => 270,
            8 => 90,
            default => 0,
        };
        $turned = $degrees === 0 ? $image : imagerotate($image, $degrees, 0);

        return $turned instanceof GdImage ? $turned : $image;
    }
}
