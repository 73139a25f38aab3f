<x-layout :title="__('cross.title')">
<x-heading :title="__('cross.heading', ['down' => $down, 'across' => $across])">
    <x-button size="sm" :href="route('wall', $query->parameters())">{{ __('wall.back') }}</x-button>
</x-heading>
{!! $body !!}
</x-layout>
