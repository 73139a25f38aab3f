@props(['finding', 'tag' => 'div', 'beat' => true])
<{{ $tag }} class="finding finding-{{ $finding->severity->value }}">
@if ($beat)
    <button type="button" class="link-button" data-jump="{{ $finding->beat }}" x-on:click="jump">{{ __('words.beat',
        ['beat' => $finding->beat]) }}</button>
@endif
<span class="finding-kind">{{ __('words.severity.'.$finding->severity->value) }}</span>
{{ $finding->message }}
<span class="finding-mend">{{ $finding->mend }}</span>
{{ $slot }}
</{{ $tag }}>
