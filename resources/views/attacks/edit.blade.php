<x-layout :title="__('words.edit-name', ['name' => $attack->title])">
<h1>{{ __('words.edit-name', ['name' => '“'.$attack->title.'”']) }}</h1>
@if ($why)<p class="flash flash-error"
    role="alert"><strong>{{ __('words.unreadable') }}</strong> {{ __('words.save-to-mend') }} {{ $why }}</p>@endif
<x-overtaken :row="$attack">
    <p>{{ __('attacks.theirs', ['title' => $attack->title, 'kind' => $attack->kind, 'hand' => $attack->hand,
        'bearing' => $form->hour($attack->bearing), 'phase' => $attack->phase]) }}</p>
</x-overtaken>
<form method="post" action="{{ route('attacks.update', $attack) }}">
    @csrf
    @method('put')
    <x-hidden :values="['version' => $form->value('version')]"/>
    @include('attacks.form')
    <x-button kind="rust" class="mt-3">{{ __('words.save') }}</x-button>
    <x-button class="mt-3" :href="route('attacks.show', $attack)">{{ __('words.cancel') }}</x-button>
</form>
</x-layout>
