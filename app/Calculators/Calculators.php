<?php

declare(strict_types=1);

namespace App\Calculators;

use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Contracts\Container\Container;
use LogicException;
use ReflectionMethod;
use ReflectionNamedType;

/** Runs the calculators of the core's registry on JSON. */
final readonly class Calculators
{
    public function __construct(private Container $container, private InputReader $reader)
    {
    }

    /**
     * @param  array<mixed>  $given
     *
     * @throws InputFaults when the input does not fit
     * @throws UnknownCalculator when there is none of that name
     */
    public function work(string $name, array $given): object
    {
        $class = Registry::all()[$name] ?? throw new UnknownCalculator($name);
        $input = $this->reader->read(self::inputOf($class), $given);
        try {
            return $this->container->make($class)->work($input);
        } catch (InvalidInput $invalid) {
            throw new InputFaults([
                ['field' => $invalid->field ?? CalculatorCard::of($class)->fields[0]->name, 'detail' => $invalid->getMessage()],
            ]);
        }
    }

    /**
     * @param  class-string  $class
     * @return class-string
     */
    public static function inputOf(string $class): string
    {
        /** @var class-string */
        return InputReader::typeOf((new ReflectionMethod($class, 'work'))->getParameters()[0]);
    }

    /**
     * @param  class-string  $class
     * @return class-string
     */
    public static function resultOf(string $class): string
    {
        $result = (new ReflectionMethod($class, 'work'))->getReturnType();

        /** @var class-string */
        return $result instanceof ReflectionNamedType
            ? $result->getName()
            : throw new LogicException("$class says not what it answers.");
    }
}
