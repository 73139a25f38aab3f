<x-layout :title="__('beside.title', ['answer' => $answer->title])">
<x-heading :title="__('beside.title', ['answer' => $answer->title])">
    <x-button size="sm" :href="route('answers.show', $answer)">{{ __('words.back') }}</x-button>
</x-heading>
<form method="get" class="search-row">
    <label>{{ __('beside.choose') }} <select class="form-select" name="with">
        @foreach ($beside->choices as $group => $options)
            <optgroup label="{{ __('beside.groups.'.$group) }}">
                @foreach ($options as $value => $name)
                    <option value="{{ $value }}" @selected($value === $beside->with)>{{ $name }}</option>
                @endforeach
            </optgroup>
        @endforeach
    </select></label>
    <x-button kind="rust" size="sm">{{ __('beside.show') }}</x-button>
</form>
<p class="form-text">{{ __('beside.help') }}</p>
<div x-data="beside" class="beside" x-on:keydown="key">
<div class="beside-floors" tabindex="0" role="group" aria-label="{{ __('beside.title', ['answer' => $answer->title]) }}">
    @foreach (['left' => [$answer->title, $beside->left], 'right' => [$beside->name, $beside->right]] as $half => [$name, $bench])
        <section data-half="{{ $half }}"><h2 class="mt-0">{{ $name }}</h2>
            <div class="floor-stage">
                <figure>@include('workbench.drawing', ['picture' => $bench->picture, 'label' => $name.', '.__('floor.from-above'),
                    'window' => $beside->above[$half]])</figure>
                <figure>@include('workbench.side', ['picture' => $bench->side, 'label' => $name.', '.__('floor.from-the-side'),
                    'window' => $beside->side[$half]])</figure>
            </div>
        </section>
    @endforeach
</div>
<ol class="beside-beats">
    @foreach ($beside->rows as $row)
        <li @class(['differs' => $row['differs']])><button type="button" data-left="{{ $row['left'] }}" data-right="{{ $row['right'] }}"
            x-on:click="choose"><span>{{ $row['leftText'] }}</span><span>{{ $row['rightText'] }}</span></button></li>
    @endforeach
</ol>
<div class="table-wide">
<x-table :head="[__('beside.columns.what'), $answer->title, $beside->name]">
    @foreach ($beside->facts() as $fact)
        <tr><th scope="row">{{ $fact['what'] }}</th><td>{{ $fact['left'] }}</td><td>{{ $fact['right'] }}</td></tr>
    @endforeach
</x-table>
</div>
</div>
</x-layout>
