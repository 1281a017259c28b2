<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Calculators;

use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Tables\Limits;
use ReflectionMethod;

/** All calculators, by name, and how each is asked. */
trait EveryCalculator
{
    /** @return iterable<string, array{string, class-string}> */
    public static function calculators(): iterable
    {
        foreach (Registry::all() as $name => $class) {
            yield $name => [$name, $class];
        }
    }

    /**
     * @param  class-string  $class
     * @return array{\Closure(object): object, class-string} its verb, and what it takes
     */
    private static function verb(string $class): array
    {
        $constructor = (new \ReflectionClass($class))->getConstructor();
        $takesLimits = (string) (($constructor?->getParameters()[0] ?? null)?->getType()) === Limits::class;
        $calculator = $takesLimits ? new $class(Limits::standard()) : new $class();
        $verb = new ReflectionMethod($calculator, 'work');
        /** @var class-string $input */
        $input = (string) $verb->getParameters()[0]->getType();

        return [static fn (object $of): object => $verb->invoke($calculator, $of), $input];
    }
}
