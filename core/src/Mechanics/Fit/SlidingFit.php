<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Measure\Belief;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** Does the axle slide in the bearing as it must, without being worn. */
#[
    Calculator('sliding-fit', 'Fit of an axle that slides', 'size', 'Axle against the bore of its bearing.', [
        'bore_mm' => 20,
        'shaft_mm' => ['value' => 19.97, 'instrument' => 'micrometer'],
    ]),
]
final readonly class SlidingFit
{
    /** Outside of these it is decided already, in mm. */
    private const LOOSEST = -0.4;

    private const TIGHTEST = 0.2;

    public function __construct(private Limits $limits, private Tolerances $tolerances = new Tolerances())
    {
    }

    /** @throws InvalidInput when the standard's table does not reach the size */
    public function work(SlidingFitInput $input): SlidingFitResult
    {
        $bore = $this->tolerances->bore($input->bore);
        $read = $input->shaft?->estimate()->minus($bore);
        $belief = Belief::between(self::LOOSEST, self::TIGHTEST, 901);
        $belief =
            $read === null
                ? $belief
                : $belief->reading(new Estimate(max(self::LOOSEST, min(self::TIGHTEST, $read->mean)), $read->sigma));
        $belief = $input->feel === null ? $belief : $belief->band(...[...$input->feel->band(), $this->limits->get('fit.feel_edge')]);
        $fit = $belief->estimate();
        $loose = $this->limits->get('fit.slide_loose');
        $worn = $this->limits->get('fit.slide_stop');
        $slides = $belief->probabilityAtLeast($loose) - $belief->probabilityAtLeast(0.0);
        $bears = $belief->probabilityAtLeast($worn);
        $level = Level::within($this->limits, $slides, $bears, $fit->mean + $fit->spread() < $worn);

        return new SlidingFitResult(
            Length::mm($fit->mean),
            $this->verdict($level, $fit->mean, $loose)
                ->showing(Figure::of('sliding', 'Axle less bore', Length::mm($fit->mean), $fit->spread(), 3))
                ->workedOut(
                    Working::start()->line(
                        'Axle less bore',
                        'axle − bore',
                        $input->shaft === null ? 'hands alone' : sprintf('%.3f − %.4f', $input->shaft->value->mm, $bore->mean),
                        Length::mm($fit->mean),
                        4,
                    ),
                ),
        );
    }

    private function verdict(Level $level, float $mean, float $loose): Verdict
    {
        $gap = ['gap' => Length::mm(abs($mean))];

        return match (true) {
            $level === Level::Go => Verdict::go(
                Message::of('slide.go', 'It slides as it should'),
                Message::of('slide.go.say', 'The axle passes by hand and is not worn.'),
            ),
            $level === Level::Stop => Verdict::stop(
                Message::of('slide.worn', 'The axle is worn out'),
                Message::of('slide.worn.say', 'It is {gap} smaller than the bore. Fit another.', $gap),
            ),
            $mean > 0 => Verdict::care(
                Message::of('slide.tight', 'It may not slide'),
                Message::of(
                    'slide.tight.say',
                    'The axle reads as large as the bore: rust, a burr or a bend. Clean it and try by hand.',
                ),
            )->settledBy(Message::of('slide.tight.settle', 'Passing the axle by hand settles it.')),
            $mean < $loose => Verdict::care(
                Message::of('slide.loose', 'The axle is worn'),
                Message::of('slide.loose.say', 'It is {gap} smaller than the bore. Carry a note forward.', $gap),
            ),
            default => Verdict::care(
                Message::of('slide.doubt', 'The reading cannot tell'),
                Message::of('slide.doubt.say', 'Between tight and loose lies less than this instrument reads. Pass the axle by hand.'),
            )->settledBy(Message::of('slide.doubt.settle', 'A micrometer settles it.')),
        };
    }
}
