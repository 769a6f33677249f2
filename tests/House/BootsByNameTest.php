<?php

declare(strict_types=1);

namespace Tests\House;

use App\House\Database\BootsByName;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use PHPUnit\Framework\Attributes\Test;
use ReflectionClass;
use ReflectionMethod;
use Tests\TestCase;

trait Counted
{
    public static int $bootedTimes = 0;

    public int $begunTimes = 0;

    protected static function bootCounted(): void
    {
        self::$bootedTimes++;
    }

    protected function initializeCounted(): void
    {
        $this->begunTimes++;
    }
}

/** A trait of a model is booted once a class and begun once a row, by the names of its methods. */
final class BootsByNameTest extends TestCase
{
    #[Test]
    public function a_trait_is_booted_once_a_class_and_begun_with_every_row(): void
    {
        $row = new class extends Row
        {
            use Counted;
        };
        $other = $row->newInstance();
        self::assertSame([1, 1, 1], [$row::$bootedTimes, $row->begunTimes, $other->begunTimes]);
    }

    #[Test]
    public function no_model_says_by_an_attribute_what_would_not_be_read(): void
    {
        $models = Relation::morphMap();
        self::assertGreaterThan(50, count($models));
        foreach ($models as $class) {
            self::assertContains(BootsByName::class, class_uses_recursive($class), $class);
            $said = array_filter(
                (new ReflectionClass($class))->getMethods(),
                fn (ReflectionMethod $m): bool => $m->getAttributes(Boot::class) !== [] || $m->getAttributes(Initialize::class) !== [],
            );
            self::assertSame([], array_column($said, 'name'), $class);
            self::assertTrue(is_subclass_of($class, Model::class));
        }
    }
}
