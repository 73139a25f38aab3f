<x-message name="503"/>
