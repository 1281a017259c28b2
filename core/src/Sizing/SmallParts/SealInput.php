<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** What is printed on a seal, or what is measured where it sat. */
final readonly class SealInput
{
    public function __construct(
        #[Field('Printed on the seal')] public ?string $printed = null,
        #[Field('Shaft, where the lip runs')] public ?Reading $shaft = null,
        #[Field('Bore it is pressed into')] public ?Reading $bore = null,
        #[Field('Width')] public ?Reading $width = null,
    ) {
        if (($printed === null || trim($printed) === '') && $shaft === null && $bore === null) {
            throw InvalidInput::about('printed', 'Type what is printed on the seal, such as 35 62 7, or measure the shaft and the bore.');
        }
        if ($shaft !== null && $bore !== null && $shaft->value->mm >= $bore->value->mm) {
            throw InvalidInput::about('shaft_mm', 'The shaft is not smaller than the bore. One of them is in the wrong field.');
        }
    }
}
