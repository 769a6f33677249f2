<?php

declare(strict_types=1);

namespace App\Demo;

/** A drawn stand-in for a photo of a reef. */
final class Picture
{
    private const WIDTH = 1200;

    private const HEIGHT = 520;

    public static function reef(Chance $chance): string
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        if ($image === false) {
            return '';
        }
        for ($y = 0; $y < self::HEIGHT; $y++) {
            imageline(
                $image,
                0,
                $y,
                self::WIDTH,
                $y,
                self::colour($image, 20, (int) (120 - $y * 0.12), (int) (150 - $y * 0.1)),
            );
        }
        for ($n = 0; $n < 26; $n++) {
            $shade = $chance->int(50, 110);
            imagefilledellipse(
                $image,
                $chance->int(0, self::WIDTH),
                self::HEIGHT - $chance->int(0, 130),
                $chance->int(90, 260),
                $chance->int(60, 190),
                self::colour($image, $shade, $shade - 10, $shade - 5),
            );
        }
        foreach ([[200, 69, 45], [224, 160, 90], [150, 90, 150], [90, 160, 120]] as [$r, $g, $b]) {
            for ($n = 0; $n < 9; $n++) {
                imagefilledellipse(
                    $image,
                    $chance->int(40, self::WIDTH - 40),
                    self::HEIGHT - $chance->int(90, 240),
                    $chance->int(24, 80),
                    $chance->int(24, 90),
                    self::colour($image, $r, $g, $b),
                );
            }
        }
        imagefilledrectangle(
            $image,
            0,
            self::HEIGHT - 34,
            self::WIDTH,
            self::HEIGHT,
            self::colour($image, 226, 214, 184),
        );
        ob_start();
        imagejpeg($image, null, 82);

        return (string) ob_get_clean();
    }

    private static function colour(\GdImage $image, int $r, int $g, int $b): int
    {
        return (int) imagecolorallocate($image, max(0, min(255, $r)), max(0, min(255, $g)), max(0, min(255, $b)));
    }
}
