<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\House\Days;
use App\Moves\Move;
use App\Moves\MoveStart;
use App\Moves\WhoCouldCome;
use App\Rounds\Calendar;
use App\Rounds\Crew;
use App\Rounds\Elsewhere;
use App\Rounds\Feed;
use App\Rounds\Planning;
use App\Rounds\Visit;
use App\Rounds\WeekReader;
use App\Team\Absence;
use App\Team\User;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Sabre\VObject\Reader;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Moves\Brief\MoveKind;

/** Nobody is with a move and on the round at once: the board counts a move's day as away, the move says what is left behind. */
final class MoveDaysTest extends TestCase
{
    private const FRIDAY = '2026-03-13';

    private User $planner;

    private User $ines;

    private User $jory;

    private Crew $crew;

    private Visit $visit;

    private Move $move;

    protected function setUp(): void
    {
        parent::setUp();
        CarbonImmutable::setTestNow('2026-03-11 10:00:00');
        Carbon::setTestNow('2026-03-11 10:00:00');
        [$this->planner, $this->ines, $this->jory] = [self::user('planner'), self::user('technician'), self::user('technician')];
        $this->crew = Fixture::crew($this->ines, $this->jory);
        $site = self::site('Client', 'Theirs');
        $site->update(['lat' => 53.6, 'lon' => 1.6, 'access_hours' => array_fill_keys(['wed', 'thu', 'fri'], '08:00-17:00')]);
        $system = Fixture::system($site, $this->planner);
        $this->visit = Fixture::visit($system, $this->crew, 'glass');
        $this->visit->update([
            'planned_on' => self::FRIDAY,
            'starts_at' => Days::moment(self::FRIDAY, 600),
            'due_on' => self::FRIDAY,
            'latest_on' => '2026-03-20',
        ]);
        $on = CarbonImmutable::parse(self::FRIDAY);
        $this->move = MoveStart::of('Over the river', MoveKind::House, $site, null, $system, $on, $this->planner);
    }

    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow();
        Carbon::setTestNow();
        parent::tearDown();
    }

    #[Test]
    public function a_crew_that_is_with_a_move_drives_no_round_that_day(): void
    {
        self::assertNotContains(self::FRIDAY, array_keys($this->whoIsGone()));
        $this->move->hands()->sync([$this->ines->id, $this->jory->id]);
        self::assertSame([$this->visit->id => 'crew at “Over the river”: Crew 1'], $this->stranded());
        $day = $this->whoIsGone()[self::FRIDAY];
        self::assertFalse($day['works']);
        self::assertSame("{$this->ines->name}, {$this->jory->name} at “Over the river”", $day['away']);
        self::assertTrue($this->day('2026-03-12')['works'], 'the day before they drive');
        self::assertSame(
            [$this->visit->id],
            array_keys(WeekReader::read(Days::monday(), [Fixture::crew(self::user('technician'))->id])->stranded),
            'whichever part of the board is shown',
        );
    }

    #[Test]
    public function nothing_is_dragged_onto_a_move_s_day_and_a_proposal_leaves_it_free(): void
    {
        $this->move->hands()->sync([$this->ines->id, $this->jory->id]);
        $this->visit->update(['state' => Visit::OPEN, 'crew_id' => null, 'planned_on' => null, 'starts_at' => null]);
        $to = ['crew_id' => $this->crew->id, 'on' => self::FRIDAY, 'position' => null];
        $this->actingAs($this->planner)->post("/visits/{$this->visit->id}/move", $to)->assertSessionHasErrors('move');
        self::assertSame(Visit::OPEN, $this->visit->refresh()->state);
        (new Planning())->propose(Days::monday());
        self::assertNotNull($this->visit->refresh()->planned_on);
        self::assertNotSame(self::FRIDAY, $this->visit->planned_on->toDateString());
    }

    /** @return array<string, array{0: int, 1: int, 2: bool, 3: string|null}> people asked for; of two with the move; given up; why */
    public static function numbers(): array
    {
        return [
            'one stays for what one can do' => [1, 1, false, null],
            'one stays for what takes two' => [2, 1, false, 'needs two people, and one of the crew is at “Over the river”'],
            'both go' => [1, 2, false, 'crew at “Over the river”: Crew 1'],
            'both would have gone' => [2, 2, true, null],
        ];
    }

    #[Test]
    #[DataProvider('numbers')]
    public function a_visit_stands_while_enough_stay(int $persons, int $gone, bool $isGivenUp, ?string $why): void
    {
        $this->visit->update(['persons' => $persons]);
        $this->move->hands()->sync(array_slice([$this->ines->id, $this->jory->id], 0, $gone));
        if ($isGivenUp) {
            $this->move->archive();
        }
        self::assertSame($why, $this->stranded()[$this->visit->id] ?? null);
        $ofOthers = WeekReader::read(Days::monday(), [Fixture::crew(self::user('technician'))->id]);
        self::assertSame($why, $ofOthers->stranded[$this->visit->id] ?? null);
    }

    #[Test]
    public function the_move_names_whom_the_round_could_not_do_without(): void
    {
        self::assertSame([], $this->busy(), 'either could go: the other is enough');
        $this->visit->update(['persons' => 2]);
        self::assertSame(
            [$this->ines->id => 'has visits that day', $this->jory->id => 'has visits that day'],
            $this->busy(),
        );
        $this->visit->update(['persons' => 1]);
        $this->move->hands()->sync([$this->ines->id]);
        self::assertSame([$this->jory->id => 'has visits that day'], $this->busy(), 'one is gone: the other is needed');
        Absence::query()->create([
            'user_id' => $this->ines->id, 'from_on' => self::FRIDAY, 'until_on' => self::FRIDAY, 'reason' => 'leave',
        ]);
        self::assertSame(
            [$this->ines->id => 'away that day', $this->jory->id => 'has visits that day'],
            $this->busy(),
        );
        $this->visit->update(['state' => Visit::OPEN, 'crew_id' => null, 'planned_on' => null, 'starts_at' => null]);
        self::assertSame([$this->ines->id => 'away that day'], $this->busy());
    }

    #[Test]
    public function who_is_away_is_away_from_the_move_too(): void
    {
        $this->move->hands()->sync([$this->ines->id, $this->jory->id]);
        Absence::query()->create([
            'user_id' => $this->jory->id, 'from_on' => '2026-03-12', 'until_on' => self::FRIDAY, 'reason' => 'leave',
        ]);
        self::assertSame(
            "{$this->ines->name} at “Over the river”; {$this->jory->name} away",
            $this->whoIsGone()[self::FRIDAY]['away'],
        );
        $ill = new Absence(['user_id' => $this->ines->id, 'from_on' => self::FRIDAY, 'until_on' => self::FRIDAY, 'reason' => 'ill']);
        $friday = CarbonImmutable::parse(self::FRIDAY);
        self::assertSame('at “Over the river”', Elsewhere::between($friday, $friday)->where($this->ines->id, self::FRIDAY));
        self::assertSame('away', Elsewhere::between($friday, $friday, $ill)->where($this->ines->id, self::FRIDAY), 'and as if ill');
    }

    #[Test]
    public function the_day_stands_in_the_calendars_of_the_crew_and_of_whose_it_is(): void
    {
        $this->move->hands()->sync([$this->ines->id, $this->jory->id, $this->planner->id]);
        $others = Fixture::crew(self::user('technician'));
        $stranger = self::site('Stranger', 'Elsewhere')->client_id;
        $read = function (string $kind, ?int $id): array {
            $feed = new Feed(['kind' => $kind, 'subject_id' => $id]);
            $events = Reader::read(Calendar::of($feed))->select('VEVENT');

            return array_values(array_filter($events, fn ($e): bool => str_starts_with((string) $e->UID, 'move-')));
        };
        $ours = $read(Feed::CREW, $this->crew->id);
        self::assertSame(['Over the river: Theirs'], array_map(fn ($e): string => (string) $e->SUMMARY, $ours));
        self::assertSame(['20260313', 'DATE'], [(string) $ours[0]->DTSTART, (string) $ours[0]->DTSTART['VALUE']]);
        self::assertEqualsCanonicalizing(
            [$this->ines->name, $this->jory->name],
            explode(', ', (string) $ours[0]->DESCRIPTION),
            'those of this crew',
        );
        self::assertSame([], $read(Feed::CREW, $others->id), 'nobody of theirs goes');
        $theirs = $read(Feed::CLIENT, $this->move->from?->client_id);
        self::assertSame('Aquarium move, Theirs', (string) $theirs[0]->SUMMARY);
        self::assertNull($theirs[0]->DESCRIPTION, 'who comes is ours to know');
        self::assertSame([], $read(Feed::CLIENT, $stranger));
        $to = self::site('Stranger', 'New place');
        $to->update(['client_id' => $stranger]);
        $this->move->update(['to_site_id' => $to->id]);
        self::assertSame('Aquarium move, Theirs to New place', (string) $read(Feed::CLIENT, $stranger)[0]->SUMMARY);
        $this->move->update(['on' => null]);
        self::assertSame([], $read(Feed::CREW, $this->crew->id), 'no day yet');
        $this->move->update(['on' => self::FRIDAY]);
        $this->move->archive();
        self::assertSame([], $read(Feed::CREW, $this->crew->id));
    }

    /** @return array<int, string> */
    private function stranded(): array
    {
        return WeekReader::read(Days::monday())->stranded;
    }

    /** @return array<int, string> */
    private function busy(): array
    {
        return array_filter(array_column(WhoCouldCome::of($this->move), 'busy', 'id'));
    }

    /** @return array<string, mixed> */
    private function day(string $on): array
    {
        $board = self::props($this->actingAs($this->planner)->get('/rounds'))['board'];

        return collect($board['crews'][0]['days'])->keyBy('date')->all()[$on];
    }

    /** @return array<string, array<string, mixed>> the days of the crew's week on which somebody is not there */
    private function whoIsGone(): array
    {
        $board = self::props($this->actingAs($this->planner)->get('/rounds'))['board'];

        return collect($board['crews'][0]['days'])->where('away', '!=', '')->keyBy('date')->all();
    }
}
