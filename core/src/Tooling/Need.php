<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Verdict\Message;

/** A tool a step cannot do without: its kind, and the sizes without which it is of no use there. */
final readonly class Need
{
    /**
     * @param  array<string, Length>  $sizes what it must measure: `bore` to reach, `length` at least, `inside` and
     *   `depth` more than, `over` and `under` its outside, `across` the flats
     * @param  bool  $unsized a size matters and nobody has noted it yet
     */
    private function __construct(public ToolKind $kind, public array $sizes = [], public bool $unsized = false)
    {
    }

    /** Any tool of that kind. */
    public static function of(ToolKind $kind): self
    {
        return new self($kind);
    }

    /** A puller that spreads behind an inner ring of this bore. */
    public static function puller(Length $bore): self
    {
        return new self(ToolKind::BlindPuller, ['bore' => $bore]);
    }

    /** A threaded rod at least that long, in mm. */
    public static function rod(Length $atLeast): self
    {
        return new self(ToolKind::Rod, ['length' => $atLeast]);
    }

    /** A cup that takes a bearing in as it leaves. */
    public static function receiver(Length $inside, Length $depth): self
    {
        return new self(ToolKind::Cup, ['inside' => $inside, 'depth' => $depth]);
    }

    /** A plug that pushes a bearing out from behind, through the ledge. */
    public static function plug(Length $over, Length $under): self
    {
        return new self(ToolKind::Disc, ['over' => $over, 'under' => $under]);
    }

    /** A spanner or socket for a nut; the size as it was noted, `27` or `1 1/16`, or nothing. */
    public static function turning(ToolKind $kind, ?string $noted): self
    {
        try {
            return $noted === null ? new self($kind, unsized: true) : new self($kind, ['across' => (new LengthText())->read($noted)]);
        } catch (InvalidInput) {
            return new self($kind, unsized: true);
        }
    }

    /** Its sizes in words; null when any of its kind will do. */
    public function words(): ?Message
    {
        $text = match (array_keys($this->sizes)) {
            [] => $this->unsized ? 'size not noted yet' : null,
            ['bore'] => 'for a bore of {bore}',
            ['length'] => 'at least {length} long',
            ['inside', 'depth'] => 'inside over {inside}, deeper than {depth}',
            ['over', 'under'] => 'outside over {over}, under {under}',
            default => '{across} across',
        };

        return $text === null ? null : Message::of('need.'.$this->kind->value, $text, $this->sizes);
    }
}
