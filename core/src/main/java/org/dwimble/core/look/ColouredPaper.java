package org.dwimble.core.look;

import com.fasterxml.jackson.annotation.JsonProperty;

/** The papers a button can be made of: twelve pale colours on which ink reads at least seven to one. Listed in this order. */
public enum ColouredPaper {
    SHELL("shell", 0xfbe4dd), PEACH("peach", 0xffddbd), STRAW("straw", 0xffeda6), LIME("lime", 0xe6f2a8), REED("reed", 0xcbeab5), MINT("mint", 0xb9e8d3),
    TIDE("tide", 0xb5e6ee), SKY("sky", 0xc6def9), BLUEBELL("bluebell", 0xd5d6fb), HEATHER("heather", 0xe7d2f4), ROSE("rose", 0xf8cfe0), OAT("oat", 0xe6dcc7);

    private final String name;
    private final Colour colour;

    ColouredPaper(String name, int rgb) {
        this.name = name;
        this.colour = new Colour(rgb >> 16, rgb >> 8 & 255, rgb & 255, 255);
    }

    @JsonProperty("name")
    public String paper() {
        return name;
    }

    public Colour colour() {
        return colour;
    }
}
