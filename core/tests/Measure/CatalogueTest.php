<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Measure;

use FilesystemIterator;
use IntlException;
use MessageFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Velbrin\Core\Ask\Phrase as AskPhrase;
use Velbrin\Core\Build\Phrase as BuildPhrase;
use Velbrin\Core\Chemistry\Phrase as ChemistryPhrase;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Catalogue;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\FirstWords;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Saying;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** What is said has a code; the words stand in one file a room and language, and may change without changing anything else. */
final class CatalogueTest extends TestCase
{
    /** Of the words plans had when they were given codes. Keys kept before are found by them: this never changes. */
    private const FIRST_WORDS = '2d38b0d4a32aff6c3fc2ecfac10e2a30d529b9453efbae5be6416fcd6a568cc1';

    /** @return iterable<string, array{class-string<Saying>}> */
    public static function rooms(): iterable
    {
        foreach (self::files('Phrase.php') as $path) {
            $room = basename(dirname($path));
            /** @var class-string<Saying> $class */
            $class = "Velbrin\\Core\\{$room}\\Phrase";
            yield $room => [$class];
        }
    }

    /** @param  class-string<Saying>  $room */
    #[Test]
    #[DataProvider('rooms')]
    public function every_code_has_words_and_every_word_a_code(string $room): void
    {
        $words = self::words($room::folder().'/en.php');
        self::assertEqualsCanonicalizing(array_column($room::cases(), 'value'), array_keys($words));
        foreach ($words as $code => $message) {
            self::assertMatchesRegularExpression('/^[a-z0-9]+(-[a-z0-9]+)*$/', $code);
            self::assertNotSame('', trim($message), $code);
            try {
                new MessageFormatter('en', $message);
            } catch (IntlException $e) {
                self::fail("{$code} is no message: {$e->getMessage()}");
            }
        }
    }

    #[Test]
    public function no_two_rooms_share_a_name(): void
    {
        $names = array_map(fn (array $room): string => $room[0]::room(), iterator_to_array(self::rooms()));
        self::assertSame($names, array_unique($names));
        self::assertGreaterThan(11, count($names));
    }

    /** Words belong into a catalogue: nothing but a code, or something that holds one, is ever said. */
    #[Test]
    public function no_sentence_is_written_where_it_is_said(): void
    {
        foreach (self::files('.php') as $path) {
            self::assertDoesNotMatchRegularExpression(
                '/Sentence::of\(\s*[\'"]/',
                (string) file_get_contents($path),
                "{$path} says words that have no code",
            );
        }
    }

    #[Test]
    public function the_first_words_of_a_plan_are_kept_as_they_were(): void
    {
        $first = self::words(BuildPhrase::folder().'/first.php');
        self::assertSame(self::FIRST_WORDS, hash('sha256', json_encode($first, JSON_THROW_ON_ERROR)));
        $codes = array_column(BuildPhrase::cases(), 'value');
        self::assertSame([], array_diff(array_keys($first), $codes), 'a code once given away is kept');
        self::assertSame($first['another-way-in'] ?? null, FirstWords::of('build.another-way-in'));
        self::assertNull(FirstWords::of('risk.another-way-in'));
        self::assertNull(FirstWords::of(null));
    }

    #[Test]
    public function other_words_change_neither_key_nor_voice_and_another_code_does(): void
    {
        $code = 'build.'.BuildPhrase::cases()[0]->value;
        $said = fn (string $words, ?string $code): Finding => Finding::of(
            Severity::Fix,
            'B-2',
            'access',
            Sentence::kept($words, [], $code),
            Sentence::kept('Why.', []),
            basis: Basis::Measured,
        );
        self::assertSame($said('Put so.', $code)->voice(), $said('Put better.', $code)->voice());
        self::assertSame($said('Put so.', $code)->key(), $said('Put better.', $code)->key());
        self::assertNotSame($said('Put so.', $code)->voice(), $said('Put so.', 'build.'.BuildPhrase::cases()[1]->value)->voice());
        self::assertSame(
            $said((string) FirstWords::of($code), null)->voice(),
            $said('Put better.', $code)->voice(),
            'a key of before is found',
        );
        self::assertSame($said('Put so.', 'risk.young')->voice(), $said('Put better.', 'risk.young')->voice());
        self::assertNotSame($said('Put so.', null)->voice(), $said('Put better.', null)->voice(), 'no code: the words are all there is');
    }

    #[Test]
    public function a_sentence_holds_its_code_its_words_and_its_parts(): void
    {
        $says = ChemistryPhrase::FallingADay;
        $sentence = Sentence::of($says, ['slope' => Quantity::of(0.09, Kind::Alkalinity)->finer(2)]);
        self::assertSame('chemistry.falling-a-day', $sentence->code);
        self::assertSame(Catalogue::english()->words($says), $sentence->template);
        self::assertStringContainsString('0.090', $sentence->in(Units::metric()));
    }

    #[Test]
    public function parts_may_be_sentences_and_several_are_joined(): void
    {
        $litres = fn (float $l): Quantity => Quantity::of($l, Kind::Volume);
        $one = Sentence::kept('{much} of it', ['much' => $litres(10)], 'a.one');
        $two = Sentence::kept('Then {more}, {inner}.', ['more' => $litres(20), 'inner' => $one], 'a.two');
        self::assertSame("Then 20\u{A0}L, 10\u{A0}L of it.", $two->in(Units::metric()));
        self::assertSame("Then 5.3\u{A0}gal, 2.6\u{A0}gal of it.", $two->in(Units::us()));
        $both = Sentence::joined($one, $two, Sentence::kept('Done.', []));
        self::assertSame("10\u{A0}L of it Then 20\u{A0}L, 10\u{A0}L of it. Done.", $both->in(Units::metric()));
        self::assertSame('a.one+a.two', $both->code);
        $other = Sentence::kept('and {much}', ['much' => $litres(99)]);
        $first = Sentence::joined($one, $other);
        self::assertSame("10\u{A0}L of it and 10\u{A0}L", $first->in(Units::metric()), 'of parts with one name the first is meant');
        self::assertSame('a.one', $first->code);
        $three = Sentence::listed(BuildPhrase::OneAfterTheOther, $one, $one, $one);
        self::assertSame("10\u{A0}L of it, 10\u{A0}L of it, 10\u{A0}L of it", $three->in(Units::metric()));
        self::assertSame($one, Sentence::listed(BuildPhrase::OneAfterTheOther, $one));
    }

    #[Test]
    public function braces_and_apostrophes_of_people_are_left_alone(): void
    {
        $sentence = Sentence::kept('{name} isn’t there', ['name' => "Anna's {tank} '{x}'"]);
        self::assertSame("Anna's {tank} '{x}' isn’t there", $sentence->in(Units::metric()));
    }

    #[Test]
    public function a_refusal_holds_its_code_and_its_limits_as_numbers(): void
    {
        $limits = ['low' => Quantity::of(20, Kind::Volume), 'high' => Quantity::of(40, Kind::Volume)];
        $allowed = Sentence::kept('{low} to {high}', $limits, 'a.limits');
        $refused = OutOfRange::number('volumeL', 55.0, $allowed, [], $limits['low'], $limits['high']);
        self::assertSame('measure.must-be-got', $refused->said->code);
        self::assertSame('a.limits', $refused->allows->code);
        self::assertSame("volumeL must be 20\u{A0}L to 40\u{A0}L, got 55", $refused->getMessage());
        self::assertSame("20\u{A0}L to 40\u{A0}L", $refused->allowed);
        self::assertSame("volumeL must be 5.3\u{A0}gal to 10.6\u{A0}gal, got 55", $refused->said->in(Units::us()));
        self::assertSame($limits['low'], $refused->least);
        self::assertSame($limits['high'], $refused->most);
        self::assertSame('measure.must-be-got-no-number', OutOfRange::number('volumeL', NAN, $allowed)->said->code);
    }

    #[Test]
    public function a_refusal_asked_for_another_speaks_of_its_field(): void
    {
        $refused = OutOfRange::field('b', AskPhrase::IsMissing, AskPhrase::AsDescribed, ['words' => 'litres of it']);
        $other = $refused->as('a.b');
        self::assertSame('a.b', $other->field);
        self::assertSame('a.b is missing', $other->getMessage());
        self::assertSame($refused->said->code, $other->said->code);
        self::assertSame('litres of it', $other->allowed);
        self::assertSame('b is missing', $refused->getMessage());
    }

    #[Test]
    public function a_refusal_kept_as_words_reads_as_it_was_kept(): void
    {
        $kept = OutOfRange::kept('a', "It isn't {there}", "20 '{x}'");
        self::assertSame("It isn't {there}", $kept->getMessage());
        self::assertSame("20 '{x}'", $kept->allowed);
        self::assertNull($kept->said->code);
    }

    #[Test]
    public function a_language_without_words_says_so(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('It has no words in tlh.');
        Catalogue::in('tlh')->words(ChemistryPhrase::FallingADay);
    }

    /** @return array<string, string> */
    private static function words(string $file): array
    {
        /** @var array<string, string> $words */
        $words = require $file;

        return $words;
    }

    /** @return list<string> */
    private static function files(string $ending): array
    {
        $found = [];
        $all = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src', FilesystemIterator::SKIP_DOTS),
        );
        /** @var SplFileInfo $file */
        foreach ($all as $file) {
            if (str_ends_with($file->getFilename(), $ending)) {
                $found[] = $file->getPathname();
            }
        }
        sort($found);

        return $found;
    }
}
