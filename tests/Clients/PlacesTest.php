<?php

declare(strict_types=1);

namespace Tests\Clients;

use App\Clients\Attachment;
use App\Clients\Client;
use App\Clients\RewritePhoto;
use App\Clients\Site;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Spatie\Activitylog\Models\Activity;
use Tests\Fixture;
use Tests\TestCase;

final class PlacesTest extends TestCase
{
    #[Test]
    public function a_client_a_place_a_room_and_the_way_in_are_written_down_with_their_bases(): void
    {
        $planner = self::user('planner');
        $this->actingAs($planner)
            ->post('/clients', ['name' => 'Family Marden'])
            ->assertRedirect();
        $client = Client::query()->sole();
        $this->post("/clients/{$client->id}/sites", ['name' => 'House', 'town' => 'Merrowick'])->assertRedirect();
        $site = Site::query()->sole();
        $this->post("/sites/{$site->id}/rooms", ['name' => 'Hall'])->assertSessionHasNoErrors();
        $room = $site->rooms()->sole();
        $this->put("/rooms/{$room->id}", [
            'name' => 'Hall',
            'facts' => ['span_mm' => 4200, 'winter_night_c' => 17.5, 'floor_type' => 'timber'],
            'bases' => ['span_mm' => 'recalled'],
        ])->assertSessionHasNoErrors();
        $room->refresh();
        self::assertSame(4200.0, $room->getAttribute('span_mm'));
        self::assertSame(
            ['recalled', $planner->name],
            [$room->bases['span_mm']['basis'], $room->bases['span_mm']['by']],
        );
        self::assertSame('assumed', $room->bases['winter_night_c']['basis'], 'nobody said how it is known');

        $this->put("/rooms/{$room->id}", [
            'name' => 'Hall',
            'facts' => ['winter_night_c' => 99],
        ])->assertSessionHasErrors('facts.winter_night_c');
        $this->put("/rooms/{$room->id}", [
            'name' => 'Hall',
            'facts' => ['winter_night_c' => '17'],
        ])->assertSessionHasErrors('facts.winter_night_c');
        $this->put("/sites/{$site->id}/passages", [
            'passages' => [['name' => 'Door', 'widthMm' => 880, 'heightMm' => 2000]],
        ])->assertSessionHasNoErrors();
        $this->put("/sites/{$site->id}/passages", [
            'passages' => [['name' => 'Door', 'widthMm' => -1, 'heightMm' => 2000]],
        ])->assertSessionHasErrors();
        self::assertSame(880.0, $site->passages()->sole()->width_mm, 'a refused list loses nothing');

        $page = self::props($this->get("/sites/{$site->id}"))['view'];
        $missing = array_column($page['rooms'][0]['toSurvey'], 'key');
        self::assertContains('summer_day_c', $missing);
        self::assertNotContains('span_mm', $missing);
    }

    #[Test]
    public function a_door_code_is_encrypted_shown_on_demand_and_every_look_is_recorded(): void
    {
        $site = self::site();
        $planner = self::user('planner');
        $this->actingAs($planner)
            ->post("/sites/{$site->id}/codes", ['label' => 'Front door', 'code' => '4711'])
            ->assertSessionHasNoErrors();
        $code = $site->codes()->sole();
        self::assertStringNotContainsString('4711', (string) DB::table('site_codes')->value('code'));
        self::assertStringNotContainsString('4711', (string) $this->get("/sites/{$site->id}")->getContent());
        $this->post("/codes/{$code->id}/reveal")
            ->assertOk()
            ->assertJson(['code' => '4711']);
        $look = Activity::query()->where('event', 'revealed')->sole();
        self::assertSame($planner->id, $look->causer_id);
        $this->actingAs(self::user('technician'))
            ->post("/codes/{$code->id}/reveal")
            ->assertForbidden();
    }

    #[Test]
    public function photos_are_rewritten_without_their_location_and_false_files_are_refused(): void
    {
        Storage::fake('local');
        $site = self::site();
        $this->actingAs(self::user('planner'));
        $this->post("/sites/{$site->id}/attachments", [
            'file' => UploadedFile::fake()->createWithContent('cellar.jpg', self::jpegWithPlace()),
            'caption' => 'Cellar',
        ])->assertSessionHasNoErrors();
        $kept = Attachment::query()->sole();
        $bytes = (string) Storage::disk('local')->get($kept->path);
        self::assertStringNotContainsString('N54 GPS', $bytes);
        self::assertNotFalse(imagecreatefromstring($bytes));
        $this->get("/attachments/{$kept->id}")
            ->assertOk()
            ->assertHeader('X-Content-Type-Options', 'nosniff');

        $script = UploadedFile::fake()->createWithContent('photo.jpg', '<script>alert(1)</script>');
        $heic = UploadedFile::fake()->createWithContent('photo.heic', "\0\0\0\x18ftypheic\0\0\0\0mif1heic");
        foreach ([$script, $heic, UploadedFile::fake()->create('large.pdf', 16000, 'application/pdf')] as $file) {
            $this->post("/sites/{$site->id}/attachments", ['file' => $file])->assertSessionHasErrors('file');
        }
        self::assertSame(1, Attachment::query()->count());
    }

    #[Test]
    public function a_place_with_running_systems_is_not_archived_and_an_archived_one_keeps_its_records(): void
    {
        $planner = self::user('planner');
        $site = self::site();
        $system = Fixture::system($site, $planner);
        $this->actingAs($planner)
            ->post("/sites/{$site->id}/archive")
            ->assertSessionHasErrors('archive');
        $this->post("/clients/{$site->client_id}/archive")->assertSessionHasErrors('archive');
        $this->post("/systems/{$system->id}/archive")->assertRedirect('/systems');
        $this->post("/sites/{$site->id}/archive")->assertSessionHasNoErrors();
        self::assertTrue($site->refresh()->isArchived());
        self::assertSame(1, $site->client()->sole()->sites()->count());
        $this->put("/systems/{$system->id}", [])->assertForbidden();
    }

    /** Eighteen million pixels of one colour are a small file. */
    private static function largePhoto(): UploadedFile
    {
        $image = imagecreatetruecolor(4500, 4000);
        ob_start();
        imagejpeg($image, null, 50);

        return UploadedFile::fake()->createWithContent('wide.jpg', (string) ob_get_clean());
    }

    #[Test]
    public function a_photo_of_many_pixels_is_rewritten_by_the_worker_and_shown_to_nobody_before(): void
    {
        Storage::fake('local');
        Queue::fake();
        $planner = self::user('planner');
        $site = self::site();
        $this->actingAs($planner)->post("/sites/{$site->id}/attachments", ['file' => self::largePhoto()])->assertSessionHasNoErrors();
        $photo = Attachment::query()->firstOrFail();
        self::assertSame(Attachment::WAITING, $photo->standing);
        Queue::assertPushed(RewritePhoto::class, 1);
        $this->get("/attachments/{$photo->id}")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->assertSee('being made ready');
        (new RewritePhoto($photo->id))->handle();
        $raw = $photo->path;
        $photo->refresh();
        self::assertSame([Attachment::READY, 'image/jpeg'], [$photo->standing, $photo->mime]);
        self::assertNotSame($raw, $photo->path);
        Storage::disk('local')->assertMissing($raw);
        $bytes = (string) Storage::disk('local')->get($photo->path);
        self::assertSame(hash('sha256', $bytes), $photo->sha256);
        self::assertSame(3200, (getimagesizefromstring($bytes) ?: [0])[0]);
        // Done twice it changes nothing.
        (new RewritePhoto($photo->id))->handle();
        self::assertSame(hash('sha256', $bytes), $photo->refresh()->sha256);
    }

    #[Test]
    public function what_the_worker_finds_unreadable_says_so(): void
    {
        Storage::fake('local');
        Queue::fake();
        $planner = self::user('planner');
        $site = self::site();
        $this->actingAs($planner)->post("/sites/{$site->id}/attachments", ['file' => self::largePhoto()]);
        $photo = Attachment::query()->firstOrFail();
        Storage::disk('local')->put($photo->path, substr((string) Storage::disk('local')->get($photo->path), 0, 90));
        (new RewritePhoto($photo->id))->handle();
        self::assertSame(Attachment::UNREADABLE, $photo->refresh()->standing);
        $this->get("/attachments/{$photo->id}")->assertSee('take it again');
    }

    /** A small photo that carries a place in its tags. */
    private static function jpegWithPlace(): string
    {
        $image = imagecreatetruecolor(24, 16);
        ob_start();
        imagejpeg($image);
        $plain = (string) ob_get_clean();
        $tag = "Exif\0\0MM\0*\0\0\0\x08\0\0N54 GPS 54.0N 2.8W";

        return substr($plain, 0, 2)."\xFF\xE1".pack('n', strlen($tag) + 2).$tag.substr($plain, 2);
    }

    #[Test]
    #[DataProvider('turns')]
    public function a_photo_is_kept_upright_as_the_camera_noted(int $orientation, string $redAt): void
    {
        Storage::fake('local');
        $site = self::site();
        $this->actingAs(self::user('planner'))
            ->post("/sites/{$site->id}/attachments", [
                'file' => UploadedFile::fake()->createWithContent('turned.jpg', self::turned($orientation)),
                'caption' => 'Turned',
            ])
            ->assertSessionHasNoErrors();
        $image = imagecreatefromstring((string) Storage::disk('local')->get(Attachment::query()->sole()->path));
        self::assertNotFalse($image);
        [$w, $h] = [imagesx($image), imagesy($image)];
        $isRed = fn (int $x, int $y): bool => ((imagecolorat($image, $x, $y) >> 16) & 0xFF) > 128;
        $corners = [
            'top left' => [4, 4],
            'top right' => [$w - 5, 4],
            'bottom left' => [4, $h - 5],
            'bottom right' => [$w - 5, $h - 5],
        ];
        self::assertSame(
            [$redAt],
            array_keys(array_filter($corners, fn (array $at): bool => $isRed(...$at))),
        );
        self::assertSame($orientation >= 5 ? [32, 64] : [64, 32], [$w, $h]);
    }

    /** @return iterable<string, array{0: int, 1: string}> what the camera noted, and where its first corner then is */
    public static function turns(): iterable
    {
        yield 'as it was held' => [1, 'top left'];
        yield 'upside down' => [3, 'bottom right'];
        yield 'a quarter to the right' => [6, 'top right'];
        yield 'a quarter to the left' => [8, 'bottom left'];
    }

    /** A black photo, red in the corner the camera begins with. */
    private static function turned(int $orientation): string
    {
        $image = imagecreatetruecolor(64, 32);
        imagefilledrectangle($image, 0, 0, 15, 15, (int) imagecolorallocate($image, 255, 0, 0));
        ob_start();
        imagejpeg($image, null, 95);
        $plain = (string) ob_get_clean();
        // One entry: the orientation, as a short.
        $tag = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01".pack('n', $orientation)."\0\0\0\0\0\0";

        return substr($plain, 0, 2)."\xFF\xE1".pack('n', strlen($tag) + 2).$tag.substr($plain, 2);
    }
}
