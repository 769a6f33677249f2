<?php

declare(strict_types=1);

namespace App\Control\Orders;

/** Where an order stands. */
enum OrderState: string
{
    /** Waits for its controller to fetch it. */
    case Asked = 'asked';
    case Taken = 'taken';
    /** Its end was asked for; the controller has not fetched that yet. */
    case Ending = 'ending';
    case Refused = 'refused';
    /** Nobody fetched it in time. */
    case Late = 'late';
    /** Taken back before anybody fetched it. */
    case Withdrawn = 'withdrawn';
    case Over = 'over';

    /** @return list<self> the controller still has a part in it */
    public static function open(): array
    {
        return [self::Asked, self::Taken, self::Ending];
    }
}
