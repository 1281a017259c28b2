<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Sizing\Wear\BoreDepth;
use CleanRace\Core\Sizing\Wear\BoreReading;
use CleanRace\Core\Sizing\Wear\BoreSurvey;
use CleanRace\Core\Sizing\Wear\BoreSurveyInput;
use CleanRace\Core\Sizing\Wear\BoreSurveyResult;
use CleanRace\Core\Sizing\Wear\SurveyedWall;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/** The seat of one ring as a job's notebook knows it: what is asked of it, what the readings show, and whether it holds. */
final readonly class SeatSurvey
{
    /** Three directions 60° apart. */
    private const DIRECTIONS = ['12', '2', '4'];

    private const COLD_C = 20.0;

    /**
     * @param  string  $key left or right of a pair, or the part that sits there: its places in the notebook are named by it
     * @param  Length  $ring nominal size of the ring that sits there
     */
    public function __construct(
        private Limits $limits,
        private Notebook $notebook,
        private string $key,
        private RingSeat $seat,
        private Length $ring,
    ) {
    }

    /** @return list<Ask> three depths, three directions; what it looks like; how a ring goes in; what is done when it is loose */
    public function asks(): array
    {
        $asks = [];
        foreach (BoreDepth::cases() as $depth) {
            foreach (self::DIRECTIONS as $clock) {
                $asks[] = Ask::length(
                    PlacesOf::bore($this->key, $depth->value, $clock),
                    Message::of('survey.at', '{depth} at {clock}', [
                        'depth' => Message::plain($depth->label()),
                        'clock' => Written::of($clock),
                    ]),
                    $this->seat === RingSeat::Bore ? Instrument::DigitalCaliper : Instrument::Micrometer,
                    wanted: false,
                    at: "{$depth->value}:$clock",
                );
            }
        }

        return [
            ...$asks,
            Ask::choices(PlacesOf::look($this->key), 'What it looks like, clean', Option::each(WallLook::class), wanted: false),
            Ask::choice(
                PlacesOf::feel($this->key),
                $this->seat === RingSeat::Bore ? 'How a ring goes in' : 'How the ring goes on',
                Option::each(FitFeel::class),
                wanted: false,
            ),
            Ask::choice(
                PlacesOf::meant($this->key),
                'Built otherwise: this ring is',
                Option::each(SeatMeant::class),
                wanted: false,
            ),
            // No compound holds in nylon: there is nothing to choose.
            ...$this->notebook->choice(Places::MATERIAL) === Material::Nylon->value
                ? []
                : [
                    Ask::choice(
                        PlacesOf::remedy($this->key),
                        'When loose',
                        [
                            new Option('compound', 'Compound, owner told'),
                            new Option(
                                'sleeve',
                                $this->seat === RingSeat::Bore ? Message::plain('Sleeve or new {body}') : 'Sleeve or new shaft',
                            ),
                        ],
                        wanted: false,
                    ),
                ],
        ];
    }

    /** The wall as surveyed; null while nothing was read or seen. */
    public function survey(): ?BoreSurveyResult
    {
        $readings = [];
        foreach (BoreDepth::cases() as $depth) {
            foreach (self::DIRECTIONS as $clock) {
                $reading = $this->reading($depth, $clock);
                if ($reading !== null) {
                    $readings[] = new BoreReading($depth, Clock::read($clock), $reading);
                }
            }
        }
        try {
            return $readings === []
                ? null
                : (new BoreSurvey($this->limits))->work(
                    new BoreSurveyInput(
                        $readings,
                        $this->feel(),
                        $this->seat === RingSeat::Bore ? SurveyedWall::Bore : SurveyedWall::Shaft,
                        $this->looks(),
                        $this->ring,
                    ),
                );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** How a ring went in, as far as that tells of the fit: what a warm hub lets drop in says nothing. */
    public function feel(): ?FitFeel
    {
        $felt = $this->felt();

        return $this->feltAt() !== null && $felt !== FitFeel::WillNotStart ? null : $felt;
    }

    /** @return list<WallLook> what the wall looks like, clean */
    public function looks(): array
    {
        return array_values(array_filter(array_map(WallLook::tryFrom(...), $this->notebook->choices(PlacesOf::look($this->key)))));
    }

    /** How warm hub or shaft was when it was measured, in the mean of the readings; null when it was as cold as the shop. */
    public function warmth(): ?Temperature
    {
        $warm = $all = 0.0;
        foreach (BoreDepth::cases() as $depth) {
            foreach (self::DIRECTIONS as $clock) {
                $value = $this->notebook->value(PlacesOf::bore($this->key, $depth->value, $clock));
                $all += isset($value['mm']) ? 1 : 0;
                $warm += isset($value['mm']) ? (float) ($value['hub_c'] ?? self::COLD_C) - self::COLD_C : 0;
            }
        }

        return $warm > 0 ? Temperature::celsius(self::COLD_C + $warm / $all) : null;
    }

    private function felt(): ?FitFeel
    {
        return FitFeel::tryFrom($this->notebook->choice(PlacesOf::feel($this->key)) ?? '');
    }

    /** How warm the hub was when it was felt; null when it was cold. */
    private function feltAt(): ?Temperature
    {
        $hub = $this->notebook->value(PlacesOf::feel($this->key))['hub_c'] ?? null;

        return is_numeric($hub) ? Temperature::celsius((float) $hub) : null;
    }

    /** What is said of a ring that went into a warm hub; null when it was tried cold, or not at all. */
    public function warmVerdict(): ?Verdict
    {
        $at = $this->feltAt();
        if ($at === null || $this->feel() !== null) {
            return null;
        }
        $hub = ['hub' => $at];

        return Verdict::go(
            Message::of('fit.felt_warm', 'Went in warm'),
            Message::of('fit.felt_warm.say', 'With the {body} at {hub} it goes in as it should. Of the fit that says nothing.', $hub),
        )->next(Message::of('fit.felt_warm.next', 'When it is cold, try to turn the outer ring with a finger: it must not move.'));
    }

    /** Whether a retaining compound was chosen as the remedy. */
    public function compound(): bool
    {
        return $this->notebook->choice(PlacesOf::remedy($this->key)) === 'compound';
    }

    /** The size that decides the fit: of a worn seat that of its loosest depth. */
    public function deciding(): ?Reading
    {
        $survey = $this->survey();
        if ($survey?->pattern === null) {
            return $survey?->mean;
        }
        $means = [];
        foreach (BoreDepth::cases() as $depth) {
            $here = array_values(
                array_filter(array_map(fn (string $c): ?float => $this->reading($depth, $c)?->value->mm, self::DIRECTIONS)),
            );
            $means = $here === [] ? $means : [...$means, array_sum($here) / count($here)];
        }

        return $means === []
            ? $survey->mean
            : $survey->mean->at(Length::mm($this->seat === RingSeat::Bore ? max($means) : min($means)));
    }

    private function reading(BoreDepth $depth, string $clock): ?Reading
    {
        return $this->notebook->reading(
            PlacesOf::bore($this->key, $depth->value, $clock),
            $this->seat === RingSeat::Bore ? Instrument::DigitalCaliper : Instrument::Micrometer,
        );
    }
}
