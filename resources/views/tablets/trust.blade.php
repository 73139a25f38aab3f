<x-layout :title="__('trust.title')">
<h1>{{ __('trust.title') }}</h1>
<p class="lead-line">{{ __('trust.lead', ['host' => $host]) }}</p>
<div class="row">
    <div class="col-md-8">
        <ol>
            @foreach (texts('trust.steps') as $step)
                <li>{{ $step }}</li>
            @endforeach
        </ol>
        <p><x-button kind="rust" :href="$certificate">{{ __('trust.certificate') }}</x-button>
            <x-button :href="$school">{{ __('trust.try') }}</x-button></p>
    </div>
    <figure class="col-md-4 text-center">
        <img class="qr" data-qr="{{ $address }}" alt="{{ __('trust.picture', ['address' => $address]) }}" hidden>
        <figcaption class="form-text">{{ $address }}</figcaption>
    </figure>
</div>
<h2>{{ __('trust.where') }}</h2>
<dl>
    @foreach (texts('trust.systems') as $system => $where)
        <dt>{{ $system }}</dt><dd>{{ $where }}</dd>
    @endforeach
</dl>
<p class="form-text">{{ __('trust.caution') }}</p>
</x-layout>
