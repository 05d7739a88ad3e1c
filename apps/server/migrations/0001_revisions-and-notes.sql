CREATE TABLE "notes" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"build" uuid NOT NULL,
	"text" text NOT NULL,
	"made_by" text DEFAULT '' NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "revisions" (
	"build" uuid NOT NULL,
	"version" integer NOT NULL,
	"document" jsonb NOT NULL,
	"step" uuid,
	"made_by" text DEFAULT '' NOT NULL,
	"started_at" timestamp with time zone DEFAULT now() NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "revisions_build_version_pk" PRIMARY KEY("build","version")
);
--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_build_builds_id_fk" FOREIGN KEY ("build") REFERENCES "public"."builds"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "revisions" ADD CONSTRAINT "revisions_build_builds_id_fk" FOREIGN KEY ("build") REFERENCES "public"."builds"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "notes_of_build" ON "notes" USING btree ("build","at" DESC NULLS FIRST);--> statement-breakpoint
INSERT INTO "revisions" ("build", "version", "document") SELECT "id", "version", "document" FROM "builds";
