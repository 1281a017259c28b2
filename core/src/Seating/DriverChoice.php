<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating;

use CleanRace\Core\Calculator\Calculator;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** C10: which driver stands on the outer ring, clear of seal, inner ring and bore; and what to make when none does. */
#[Calculator('driver', 'Choose the driver', 'seat', 'Which tool stands on the outer ring.', ['bore_mm' => 20, 'outside_mm' => 47, 'depth_mm' => 9.2, 'tools' => [
    ['name' => '42 cup', 'outside_mm' => 46.2, 'opening_mm' => 37, 'length_mm' => 60], ['name' => '24 socket', 'outside_mm' => 32, 'opening_mm' => 24, 'length_mm' => 45, 'kind' => 'impact_socket'],
]])]
final readonly class DriverChoice
{
    /** A driver without a stated depth has to reach the face only. */
    private const NO_DEPTH = 0.0;

    public function __construct(private Limits $limits)
    {
    }

    public function work(DriverChoiceInput $input): DriverChoiceResult
    {
        return $this->among($input->bore, $input->outside, $input->thin, $input->depth ?? Length::mm(self::NO_DEPTH), array_map(static fn (ToolInput $t): Tool => $t->tool(), $input->tools));
    }

    /** @param  list<Tool>  $tools */
    public function among(Length $bore, Length $outside, bool $thin, Length $depth, array $tools): DriverChoiceResult
    {
        $k = $this->limits->get($thin ? 'driver.zone_share_thin' : 'driver.zone_share');
        $section = $outside->mm - $bore->mm;
        $outerInside = $outside->mm - $k * $section;
        $innerOutside = $bore->mm + $k * $section;
        $fits = array_map(fn (Tool $tool): DriverFit => $this->judge($tool, $outside->mm, $outerInside, $innerOutside, $depth->mm), $tools);
        usort($fits, static fn (DriverFit $a, DriverFit $b): int => [$a->level->rank(), -$a->contact->share, $a->name] <=> [$b->level->rank(), -$b->contact->share, $b->name]);
        $best = ($fits[0] ?? null)?->level !== Level::Stop ? $fits[0] ?? null : null;
        $most = $outside->mm - $this->limits->get('driver.bore_clearance');
        $least = $outerInside + $this->limits->get('driver.contact_go') * ($outside->mm - $outerInside);

        $make = ['most' => Length::mm($most), 'least' => Length::mm($least), 'opening' => Length::mm($innerOutside + $this->limits->get('driver.inner_clearance')), 'ring' => Length::mm($outerInside)];
        $verdict = match (true) {
            $best === null => Verdict::stop(Message::of('driver.none', 'Nothing on the wall stands on this ring'), Message::of('driver.none.say', 'Make one: outside {least} to {most}, opening over {opening} and up to {ring}.', $make))
                ->next(Message::of('driver.none.next', 'Pipe, a turned plug, or the old outer ring with a slit through it so that it comes out again.')),
            $best->level === Level::Go => Verdict::go(Message::of('driver.take', 'Take the {name}', ['name' => $best->name]), Message::of('driver.take.say', 'It covers {share} of the outer ring\'s face.', ['share' => $best->contact])),
            default => Verdict::care(Message::of('driver.with_care', '{name}, with care', ['name' => $best->name]), $best->reason)
                ->next(Message::of('driver.better', 'Better: outside {least} to {most}, opening over {opening}.', $make)),
        };

        return new DriverChoiceResult(
            $best?->id, Length::mm($outerInside), Length::mm($innerOutside), $make['most'], $make['least'], $make['opening'], $fits,
            $verdict->showing(
                Figure::of('outer_zone', 'Outer ring from', Length::mm($outerInside), null, 1), Figure::of('driver_most', 'Driver at most', $make['most'], null, 1),
                Figure::of('driver_opening', 'Opening over', $make['opening'], null, 1),
            )->workedOut(Working::start()
                ->line('Outer ring\'s face', 'D − k(D − d) … D', sprintf('%.2f − %.2f × %.2f', $outside->mm, $k, $section), Length::mm($outerInside))
                ->line('Inner ring\'s face', 'd … d + k(D − d)', sprintf('%.2f + %.2f × %.2f', $bore->mm, $k, $section), Length::mm($innerOutside))),
        );
    }

    private function judge(Tool $tool, float $outside, float $outerInside, float $innerOutside, float $depth): DriverFit
    {
        $opening = $tool->opening->mm ?? 0.0;
        $covered = max(0.0, min($tool->outside->mm, $outside) - max($opening, $outerInside));
        $contact = $covered / ($outside - $outerInside);
        $say = static fn (Level $level, string $key, string $text): DriverFit => new DriverFit($tool->id, $tool->name, $tool->outside, $tool->opening, Share::of($contact), $level, Message::of('driver.'.$key, $text));

        return match (true) {
            $depth > 0 && $tool->outside->mm > $outside - $this->limits->get('driver.bore_clearance') => $say(Level::Stop, 'too_wide', 'As wide as the bore: it jams below the face.'),
            $tool->length->mm < $depth + $this->limits->get('driver.length_spare') => $say(Level::Stop, 'too_short', 'Too short to reach the ledge.'),
            $covered <= 0 && $opening < $innerOutside => $say(Level::Stop, 'inner_only', 'It stands on the inner ring and would press through the balls.'),
            $contact < $this->limits->get('driver.contact_care') => $say(Level::Stop, 'too_little', 'It hardly touches the outer ring.'),
            $opening < $innerOutside + $this->limits->get('driver.inner_clearance') => $say(Level::Care, 'both', 'It touches the inner ring as well.'),
            $contact < $this->limits->get('driver.contact_go') => $say(Level::Care, 'some', 'It covers only part of the outer ring\'s face.'),
            $tool->kind === ToolKind::ChromeSocket => $say(Level::Care, 'chrome', 'A chrome socket can splinter under a hammer: press or draw with it.'),
            default => $say(Level::Go, 'good', 'Stands on the outer ring, clear of the seal.'),
        };
    }
}
