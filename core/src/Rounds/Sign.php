<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What is seen, heard and smelt: readings without a number (C-50). */
enum Sign: string
{
    case Clarity = 'clarity';
    case Film = 'film';
    case BrownAlgae = 'brown-algae';
    case GreenAlgae = 'green-algae';
    case Slime = 'slime';
    case Skimmate = 'skimmate';
    case Dirt = 'dirt';
    case FishHiding = 'fish-hiding';
    case FishBreathing = 'fish-breathing';
    case FishNotEating = 'fish-not-eating';
    case FishMissing = 'fish-missing';
    case CoralsClosed = 'corals-closed';
    case CoralsPale = 'corals-pale';
    case CoralsReceding = 'corals-receding';
    case Noise = 'noise';
    case Bubbles = 'bubbles';

    public function label(): string
    {
        return match ($this) {
            self::Clarity => 'Cloudy water',
            self::Film => 'Film on the surface',
            self::BrownAlgae => 'Brown algae',
            self::GreenAlgae => 'Green algae',
            self::Slime => 'Slime',
            self::Skimmate => 'Skimmate, dark',
            self::Dirt => 'Dirt gathers',
            self::FishHiding => 'Fish hide',
            self::FishBreathing => 'Fish breathe hard',
            self::FishNotEating => 'Fish do not eat',
            self::FishMissing => 'Fish missing',
            self::CoralsClosed => 'Corals closed',
            self::CoralsPale => 'Corals pale',
            self::CoralsReceding => 'Corals recede',
            self::Noise => 'Noise',
            self::Bubbles => 'Fine bubbles',
        };
    }

    /** Words for a client's report. */
    public function plain(Grade $grade): string
    {
        $much = $grade === Grade::Much ? 'a good deal of ' : 'a little ';

        return match ($this) {
            self::Clarity => $grade === Grade::Much ? 'the water was cloudy' : 'the water was slightly cloudy',
            self::Film => "{$much}film on the surface",
            self::BrownAlgae => "{$much}brown algae",
            self::GreenAlgae => "{$much}green algae",
            self::Slime => "{$much}slime",
            self::Skimmate => 'the skimmer worked hard',
            self::Dirt => "{$much}dirt had gathered",
            self::FishHiding => 'some fish kept hiding',
            self::FishBreathing => 'some fish breathed hard',
            self::FishNotEating => 'some fish did not eat',
            self::FishMissing => 'we missed a fish',
            self::CoralsClosed => 'some corals stayed closed',
            self::CoralsPale => 'some corals looked pale',
            self::CoralsReceding => 'a coral is receding',
            self::Noise => 'a pump was louder than usual',
            self::Bubbles => 'fine bubbles in the water',
        };
    }
}
