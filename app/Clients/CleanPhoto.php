<?php

declare(strict_types=1);

namespace App\Clients;

use GdImage;
use Illuminate\Validation\ValidationException;

/** A photo as it is kept: decoded and written again, upright, no larger than it has to be. */
final class CleanPhoto
{
    private const LONGEST_SIDE_PX = 3200;

    private const MOST_PIXELS = 60_000_000;

    /** Decoded while the sender waits, within a second or two; more goes to the worker. */
    private const AT_ONCE_PIXELS = 16_000_000;

    public static function isLarge(string $bytes): bool
    {
        $size = self::size($bytes);

        return $size[0] * $size[1] > self::AT_ONCE_PIXELS;
    }

    /**
     * Decoding and encoding again drops every tag, place and hidden part; the turn the camera noted is applied first.
     *
     * @return array{0: string, 1: string} bytes and type
     */
    public static function of(string $bytes): array
    {
        $size = self::size($bytes);
        $image = @imagecreatefromstring($bytes);
        if (! ($image instanceof GdImage)) {
            throw self::unreadable();
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

    /**
     * Width, height and type, read without decoding.
     *
     * @return array{0: int, 1: int, mime: string}
     */
    private static function size(string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[0] * $size[1] > self::MOST_PIXELS) {
            throw self::unreadable();
        }

        return [$size[0], $size[1], 'mime' => $size['mime']];
    }

    private static function unreadable(): ValidationException
    {
        return ValidationException::withMessages([
            'file' => 'This photo cannot be read. Take it again, or send it as JPEG.',
        ]);
    }
}
