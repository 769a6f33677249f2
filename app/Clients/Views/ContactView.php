<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Contact;

final readonly class ContactView
{
    private function __construct(
        public int $id,
        public string $name,
        public ?string $role,
        public ?string $phone,
        public ?string $email,
        public ?string $language,
        public bool $holdsKey,
        public ?string $canOperate,
        public ?string $lastConfirmedOn,
        public ?int $siteId,
        public string $stamp,
    ) {
    }

    public static function of(Contact $contact): self
    {
        return new self(
            $contact->id,
            $contact->name,
            $contact->role,
            $contact->phone,
            $contact->email,
            $contact->language,
            $contact->holds_key,
            $contact->can_operate,
            $contact->last_confirmed_on?->toDateString(),
            $contact->site_id,
            $contact->stamp(),
        );
    }
}
